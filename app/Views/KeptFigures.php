<?php

declare(strict_types=1);

namespace App\Views;

use Illuminate\Contracts\Cache\Repository;

/** What is measured of a line as it is: kept for a month. */
final class KeptFigures
{
    private const SECONDS = 2_592_000;

    public function __construct(private readonly Repository $cache, private readonly FailureCache $failures) {}

    /**
     * @param  string  $what  the same for the same only
     * @param  callable(): array<string, mixed>  $measure
     * @return array<string, mixed>
     */
    public function of(string $what, callable $measure): array
    {
        return $this->failures->try($what, fn (): array => $this->cache->remember($what, self::SECONDS, $measure(...)));
    }
}
