<?php

declare(strict_types=1);

namespace App\Housekeeping;

use App\Files\Disk;
use App\Files\Stamp;

/** Files below a folder, by their age; what is removed can be made again. */
final class Files
{
    /** @param  ?string  $named  only those whose names match */
    public function __construct(private readonly Disk $disk, private readonly string $folder, private readonly ?string $named = null) {}

    public function bytes(): int
    {
        return array_sum(array_map(fn (Stamp $file): int => $file->bytes, $this->all()));
    }

    /**
     * Removes what is older than some seconds, then the oldest until the rest fits.
     *
     * @return int how many files went
     */
    public function sweep(int $seconds, int $mostBytes): int
    {
        $files = $this->all();
        uasort($files, fn (Stamp $a, Stamp $b): int => $a->changedAt <=> $b->changedAt);
        $bytes = array_sum(array_map(fn (Stamp $file): int => $file->bytes, $files));
        $gone = 0;
        foreach ($files as $key => $file) {
            if ($file->changedAt >= time() - $seconds && $bytes <= $mostBytes) {
                break;
            }
            $this->disk->remove((string) $key);
            $bytes -= $file->bytes;
            $gone++;
        }

        return $gone;
    }

    /** @return array<string, Stamp> by key */
    private function all(): array
    {
        $files = [];
        foreach ($this->disk->all($this->folder) as $key => $file) {
            if ($this->named === null || preg_match($this->named, basename($key)) === 1) {
                $files[$key] = $file;
            }
        }

        return $files;
    }
}
