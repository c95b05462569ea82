<?php

declare(strict_types=1);

namespace App\SignIn;

use App\Models\User;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\RateLimiter;

/**
 * Tries to sign in that failed, counted by the account they meant, by the address they came from, and by both. An e-mail
 * that nobody has is counted like an account, so that the answer doesn't tell which there are. Where somebody has signed in before, a
 * right password is always taken: strangers lock nobody out.
 */
final class Tries
{
    /** How many in how many seconds */
    private const LIMITS = ['both' => [5, 60], 'account' => [20, 900], 'address' => [40, 900]];

    private const KNOWN_DAYS = 180;

    /** @var array<string, string> */
    private array $keys;

    private string $known;

    public function __construct(string $email, ?User $user, string $address)
    {
        $account = $user === null ? 'nobody-'.hash('sha256', $email) : "user-{$user->id}";
        $this->keys = [
            'both' => "sign-in-{$account}-{$address}",
            'account' => "sign-in-{$account}",
            'address' => "sign-in-from-{$address}",
        ];
        $this->known = "signed-in-{$account}-".hash('sha256', $address);
    }

    /** Whether this account was signed in to from this address lately. */
    public function isFromWhereOneWas(): bool
    {
        return Cache::has($this->known);
    }

    /** Seconds until the next try is looked at; 0 when it is now. */
    public function waits(): int
    {
        $waits = 0;
        foreach (self::LIMITS as $by => [$most]) {
            if (RateLimiter::tooManyAttempts($this->keys[$by], $most)) {
                $waits = max($waits, RateLimiter::availableIn($this->keys[$by]), 1);
            }
        }

        return $waits;
    }

    public function failed(): void
    {
        foreach (self::LIMITS as $by => [, $seconds]) {
            RateLimiter::hit($this->keys[$by], $seconds);
        }
    }

    /** Of the account and from here; what else came from the address still counts. */
    public function succeeded(): void
    {
        RateLimiter::clear($this->keys['both']);
        RateLimiter::clear($this->keys['account']);
        Cache::put($this->known, true, now()->addDays(self::KNOWN_DAYS));
    }
}
