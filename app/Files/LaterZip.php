<?php

declare(strict_types=1);

namespace App\Files;

use Illuminate\Support\Facades\Cache;

/** How it goes with a ZIP that a worker packs, since it is too large for somebody to wait for: under way, or why it couldn't be packed. */
final readonly class LaterZip
{
    public const LONGEST_SECONDS = 3600;

    /** @param  string  $name  its own among all that are packed */
    public function __construct(private string $name) {}

    /** Whether it is to be begun: it isn't under way, nor failed without that being told yet. */
    public function begins(): bool
    {
        return Cache::add($this->key(), true, self::LONGEST_SECONDS);
    }

    public function isUnderWay(): bool
    {
        return Cache::get($this->key()) === true;
    }

    /** It is there, or there is nothing to be packed any more. */
    public function ended(): void
    {
        Cache::forget($this->key());
    }

    /**
     * Whoever asks for it next is told why.
     *
     * @param  ?int  $file  the made file that isn't what it was, where that is why
     */
    public function failed(string $why, ?int $file = null): void
    {
        Cache::put($this->key(), ['message' => $why, 'file' => $file], self::LONGEST_SECONDS);
    }

    /** @return ?array{message: string, file: ?int} why it couldn't be packed the last time, told once: then it is tried again */
    public function whyNot(): ?array
    {
        /** @var true|array{message: string, file: ?int}|null $kept */
        $kept = Cache::get($this->key());

        return is_array($kept) && Cache::forget($this->key()) ? $kept : null;
    }

    private function key(): string
    {
        return "packing-{$this->name}";
    }
}
