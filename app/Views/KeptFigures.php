<?php

declare(strict_types=1);

namespace App\Views;

use Illuminate\Support\Facades\Cache;

/** What is measured of a line as it is: kept for a month. */
final class KeptFigures
{
    private const SECONDS = 2_592_000;

    /**
     * @param  string  $what  the same for the same only
     * @param  callable(): array<string, mixed>  $measure
     * @return array<string, mixed>
     */
    public static function of(string $what, callable $measure): array
    {
        return FailureCache::try($what, fn (): array => Cache::remember($what, self::SECONDS, $measure(...)));
    }
}
