<?php

declare(strict_types=1);

namespace App\Housekeeping;

/** Files below a folder, by their age; what is removed can be made again. */
final class Files
{
    /** @param  ?string  $named  only those whose names match */
    public function __construct(private readonly string $folder, private readonly ?string $named = null) {}

    public function bytes(): int
    {
        return array_sum(array_column($this->all(), 'bytes'));
    }

    /**
     * Removes what is older than some seconds, then the oldest until the rest fits.
     *
     * @return int how many files went
     */
    public function sweep(int $seconds, int $mostBytes): int
    {
        $files = $this->all();
        usort($files, fn (array $a, array $b): int => $a['used'] <=> $b['used']);
        $bytes = array_sum(array_column($files, 'bytes'));
        $gone = 0;
        foreach ($files as $file) {
            if ($file['used'] >= time() - $seconds && $bytes <= $mostBytes) {
                break;
            }
            if (@unlink($file['path'])) {
                $bytes -= $file['bytes'];
                $gone++;
            }
        }

        return $gone;
    }

    /** @return list<array{path: string, bytes: int, used: int}> */
    private function all(): array
    {
        if (! is_dir($this->folder)) {
            return [];
        }
        $files = [];
        $below = new \RecursiveIteratorIterator(
            new \RecursiveDirectoryIterator($this->folder, \FilesystemIterator::SKIP_DOTS),
            \RecursiveIteratorIterator::LEAVES_ONLY,
            \RecursiveIteratorIterator::CATCH_GET_CHILD,
        );
        foreach ($below as $file) {
            /** @var \SplFileInfo $file */
            try {
                if ($file->isFile() && ($this->named === null || preg_match($this->named, $file->getFilename()) === 1)) {
                    $files[] = ['path' => $file->getPathname(), 'bytes' => (int) $file->getSize(), 'used' => (int) $file->getMTime()];
                }
            } catch (\RuntimeException) {
                continue; // it went meanwhile
            }
        }

        return $files;
    }
}
