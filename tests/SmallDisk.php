<?php

declare(strict_types=1);

namespace Tests;

use PHPUnit\Framework\Assert;
use Symfony\Component\Process\Process;

/** A disk of little room over a folder, so that it can be full (tmpfs). Skips the test where none can be mounted. */
final class SmallDisk
{
    private bool $isMounted = true;

    /** @param  string  $size  as mount has it, such as 48k; whole pages of 4k */
    public function __construct(private readonly string $folder, string $size)
    {
        is_dir($folder) || mkdir($folder, 0777, true);
        $mount = new Process(['mount', '-t', 'tmpfs', '-o', "size={$size},mode=0777", 'small', $folder]);
        $mount->run() === 0 || Assert::markTestSkipped("A small disk can’t be mounted here: {$mount->getErrorOutput()}");
    }

    public function isFull(): self
    {
        @file_put_contents("{$this->folder}/all-there-is", str_repeat('.', (int) disk_free_space($this->folder)));

        return $this;
    }

    public function hasRoom(string $size = '200m'): void
    {
        (new Process(['mount', '-o', "remount,size={$size}", $this->folder]))->mustRun();
    }

    public function gone(): void
    {
        $this->isMounted && (new Process(['umount', '-l', $this->folder]))->run();
        $this->isMounted = false;
    }

    public function __destruct()
    {
        $this->gone();
    }
}
