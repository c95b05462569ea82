<?php

declare(strict_types=1);

namespace App\Workers;

/**
 * Who does a job: a process on a machine. A process is told by its number and by when it began, since numbers come again. What it holds
 * is marked machine:number-begun:job.
 */
final readonly class Holder
{
    private function __construct(public string $machine, private int $pid, private string $begun) {}

    public static function me(): self
    {
        $pid = (int) getmypid();

        return new self(self::thisMachine(), $pid, self::begun($pid) ?? '');
    }

    /** @param  string  $mark  of something that is held */
    public static function of(string $mark): self
    {
        $parts = explode(':', $mark);
        [$pid, $begun] = explode('-', $parts[1] ?? '') + ['', ''];

        return new self($parts[0], (int) $pid, $begun);
    }

    /** By itself its host name and a mark of the instance: a copy that is put back beside its original is another machine. */
    public static function thisMachine(): string
    {
        $named = config('planisher.machine') ?: gethostname().'/'.substr(hash('sha256', storage_path()), 0, 6);

        return str_replace(':', '-', (string) $named);
    }

    public function mark(?string $job = null): string
    {
        return "{$this->machine}:{$this->pid}-{$this->begun}".($job === null ? '' : ":{$job}");
    }

    public function isHere(): bool
    {
        return $this->machine === self::thisMachine();
    }

    /** Whether the process is still there; can be told on its own machine only. */
    public function isAlive(): bool
    {
        return $this->begun !== '' && self::begun($this->pid) === $this->begun;
    }

    /** When a process began, in ticks since the machine did (proc(5), /proc/PID/stat, field 22). */
    private static function begun(int $pid): ?string
    {
        $stat = @file_get_contents("/proc/{$pid}/stat");

        return $stat === false ? null : explode(' ', substr($stat, (int) strrpos($stat, ')') + 2))[19] ?? null;
    }
}
