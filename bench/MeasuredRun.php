<?php

declare(strict_types=1);

namespace Bench;

/** A whole process, run and measured: wall-clock seconds and the most memory it held at once. */
final readonly class MeasuredRun
{
    private function __construct(public float $seconds, public int $peakBytes) {}

    /**
     * Runs commands in turns, so that what else the machine does counts for all of them alike.
     *
     * @param  array<string, non-empty-list<string>>  $commands  by name
     * @param  callable(): mixed  $before  each run
     * @return array<string, non-empty-list<self>> by the same names, one a turn
     */
    public static function inTurns(int $turns, array $commands, callable $before): array
    {
        $measured = [];
        for ($turn = 0; $turn < max(1, $turns); $turn++) {
            foreach ($commands as $name => $command) {
                $before();
                $measured[$name][] = self::once($command);
            }
        }

        return $measured;
    }

    /** @param  non-empty-list<self>  $runs */
    public static function medianSeconds(array $runs): float
    {
        return self::median(array_map(fn (self $run): float => $run->seconds, $runs));
    }

    /** @param  non-empty-list<self>  $runs */
    public static function mostBytes(array $runs): int
    {
        return max(array_map(fn (self $run): int => $run->peakBytes, $runs));
    }

    /**
     * How many times as long one took as the other: the middle one of the ratios of each turn.
     *
     * @param  non-empty-list<self>  $one
     * @param  non-empty-list<self>  $other
     */
    public static function ratio(array $one, array $other): float
    {
        return self::median(array_map(fn (self $a, self $b): float => $a->seconds / $b->seconds, $one, $other));
    }

    /** @param  non-empty-list<float>  $numbers */
    private static function median(array $numbers): float
    {
        sort($numbers);

        return ($numbers[intdiv(count($numbers) - 1, 2)] + $numbers[intdiv(count($numbers), 2)]) / 2;
    }

    /** @param  non-empty-list<string>  $command */
    private static function once(array $command): self
    {
        $log = tmpfile() ?: throw new \RuntimeException('The temporary folder can’t be written to.');
        $started = hrtime(true);
        $process = proc_open($command, [1 => $log, 2 => $log], $pipes) ?: throw new \RuntimeException("“{$command[0]}” did not start.");
        $peak = 0;
        while (($status = proc_get_status($process))['running']) {
            // The kernel's own high-water mark of memory in use (proc(5), VmHWM, in kB)
            if (preg_match('/VmHWM:\s+(\d+)/', (string) @file_get_contents("/proc/{$status['pid']}/status"), $m)) {
                $peak = max($peak, (int) $m[1] * 1024);
            }
            usleep(2000);
        }
        $seconds = (hrtime(true) - $started) / 1e9;
        proc_close($process);
        if ($status['exitcode'] !== 0) {
            rewind($log);
            throw new \RuntimeException(implode(' ', $command)." ended with {$status['exitcode']}: ".stream_get_contents($log));
        }

        return new self($seconds, $peak);
    }
}
