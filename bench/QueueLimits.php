<?php

declare(strict_types=1);

namespace Bench;

/**
 * How many files an hour a number of workers make, when each has a core of its own and shares the database, the store and the network with
 * all others: exact mean value analysis of a closed network of queues (Reiser and Lavenberg, Journal of the ACM 27 (1980), 313 to 322).
 * Pixels are a delay, what is shared are queues; services are taken as exponential, which has queues longer than they are: the figures
 * are the careful side.
 */
final class QueueLimits
{
    /**
     * @param  float  $alone  seconds of a file that a worker spends by itself
     * @param  array<string, float>  $shared  seconds of a file at each thing that all share, by its name
     */
    public function __construct(private readonly float $alone, private readonly array $shared) {}

    /** @return array{perHour: float, busy: array<string, float>} files an hour, and how busy each shared thing is, 0 to 1 */
    public function of(int $workers): array
    {
        $waiting = array_map(fn (): float => 0.0, $this->shared);
        $rate = 0.0;
        for ($n = 1; $n <= $workers; $n++) {
            $stays = [];
            foreach ($this->shared as $name => $seconds) {
                $stays[$name] = $seconds * (1 + $waiting[$name]);
            }
            $rate = $n / ($this->alone + array_sum($stays));
            $waiting = array_map(fn (float $stay): float => $rate * $stay, $stays);
        }

        return ['perHour' => 3600 * $rate, 'busy' => array_map(fn (float $seconds): float => $rate * $seconds, $this->shared)];
    }

    /** Files an hour that no number of workers goes beyond, and what of the shared things it is that stops it. */
    public function most(): string
    {
        $slowest = (string) array_search(max($this->shared), $this->shared, true);

        return sprintf('%s, at %s files an hour', $slowest, number_format(3600 / $this->shared[$slowest], 0, '.', ' '));
    }

    public function say(): void
    {
        printf("\n  %8s %14s %10s  %s\n", 'workers', 'files an hour', 'times', implode('  ', array_keys($this->shared)).' busy');
        $one = $this->of(1)['perHour'];
        foreach ([1, 2, 4, 8, 16, 32, 64] as $workers) {
            ['perHour' => $rate, 'busy' => $busy] = $this->of($workers);
            $said = array_map(fn (float $share): string => sprintf('%3.0f %%', 100 * $share), $busy);
            printf("  %8d %14s %10.1f  %s\n", $workers, number_format($rate, 0, '.', ' '), $rate / $one, implode('  ', $said));
        }
        printf("  The limit is %s.\n", $this->most());
    }
}
