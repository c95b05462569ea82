<?php

declare(strict_types=1);

namespace Bench;

/** A whole process, run and measured: wall-clock seconds and the most memory it held at once. */
final readonly class Measured
{
    private function __construct(public float $seconds, public int $peakBytes) {}

    /**
     * The quickest of some runs of each command, so that what else the machine does counts least; the largest memory of all.
     * The commands take turns, so that it counts for all of them alike.
     *
     * @param  array<string, non-empty-list<string>>  $commands  by name
     * @param  callable(): mixed  $before  each run
     * @return array<string, self> by the same names
     */
    public static function best(int $runs, array $commands, callable $before): array
    {
        $best = array_map(fn (): self => new self(INF, 0), $commands);
        for ($run = 0; $run < $runs; $run++) {
            foreach ($commands as $name => $command) {
                $before();
                $once = self::once($command);
                $best[$name] = new self(min($best[$name]->seconds, $once->seconds), max($best[$name]->peakBytes, $once->peakBytes));
            }
        }

        return $best;
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
