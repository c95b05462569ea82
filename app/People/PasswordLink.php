<?php

declare(strict_types=1);

namespace App\People;

use App\Models\Studio;
use App\Models\User;
use App\SignIn\Nobody;
use Illuminate\Auth\Passwords\PasswordBroker;
use Illuminate\Mail\Message;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\Password;

/** A link by which somebody chooses a password: once, and within three days. What it names stands behind the #, so no log has it. */
final class PasswordLink
{
    private const NO_MAIL = ['log', 'array', null];

    /** A new one; the one before it is good for nothing then. */
    public static function for(User $person): string
    {
        $broker = Password::broker();
        $token =
            $broker instanceof PasswordBroker
                ? $broker->createToken($person)
                : throw new \LogicException('Links need the broker’s tokens.');

        return rtrim((string) config('app.url'), '/').
            '/choose-password#'.
            http_build_query(['email' => $person->email, 'token' => $token]);
    }

    /**
     * Gives somebody the password they chose, once: of several at the same moment the first.
     *
     * @return bool false where the link isn't good any more
     */
    public static function use(string $email, string $token, string $password): bool
    {
        return DB::transaction(function () use ($email, $token, $password): bool {
            $person = User::query()->where('email', $email)->lockForUpdate()->first();
            $kept = DB::table('password_reset_tokens')->where('email', $email)->value('token');
            // One check, whoever is asked for: its time tells nothing.
            if (! Hash::check($token, is_string($kept) ? $kept : Nobody::password()) || $person === null) {
                return false;
            }
            $status = Password::reset(['email' => $email, 'token' => $token, 'password' => $password], function (
                User $person,
                string $password,
            ): void {
                $person->update(['password' => $password]);
                Sessions::end($person);
            });

            return $status === Password::PASSWORD_RESET;
        });
    }

    public static function canBeMailed(): bool
    {
        return ! in_array(config('mail.default'), self::NO_MAIL, true);
    }

    /** Sends it, where a mail server is set; whether it went is told, since it can be handed over otherwise. */
    public static function mail(User $person, string $link): bool
    {
        if (! self::canBeMailed()) {
            return false;
        }
        $studio = Studio::current()->name;

        return rescue(function () use ($person, $link, $studio): bool {
            Mail::raw(
                "{$person->name},\n\n{$studio} works with Planisher. Choose your password here, within three days:\n\n{$link}\n",
                fn (Message $message) => $message->to($person->email, $person->name)->subject("Your password for {$studio}"),
            );

            return true;
        }, false);
    }
}
