<?php

declare(strict_types=1);

namespace Planisher\Imaging\Child;

/** What a child process may spend before it is ended. Memory is what it writes to (RLIMIT_DATA); files that it maps to read don't count. */
final readonly class Limits
{
    /**
     * @param  int  $processorSeconds  of one core
     * @param  int  $seconds  on the clock, where the machine is busy with other things
     * @param  int  $bytes  of memory
     * @param  int  $fileBytes  of the largest file it may write
     */
    public function __construct(public int $processorSeconds, public int $seconds, public int $bytes, public int $fileBytes) {}

    /** Of what somebody waits for at a screen. */
    public static function asked(): self
    {
        return new self(4, 20, 500_000_000, 1_000_000_000);
    }

    /** Of a picture that took longer than somebody waits, read by a worker, and of those that a program is handed. */
    public static function patient(): self
    {
        return new self(60, 240, 500_000_000, 1_000_000_000);
    }

    /** Of what a worker does with a picture that was taken: its file may be large, its reading not long. */
    public static function working(): self
    {
        return new self(20, 120, 500_000_000, 8_000_000_000);
    }
}
