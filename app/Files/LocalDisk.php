<?php

declare(strict_types=1);

namespace App\Files;

use Illuminate\Filesystem\Filesystem;
use Planisher\Imaging\Files\Checksum;

/** A folder of this machine, or one that all machines have mounted: names are given in one step, and a second name is a hard link. */
final class LocalDisk implements Disk
{
    public function __construct(private readonly string $root) {}

    public function path(string $key): string
    {
        return "{$this->root}/{$key}";
    }

    public function has(string $key): bool
    {
        clearstatcache(true, $this->path($key));

        return is_file($this->path($key));
    }

    public function stamp(string $key): ?Stamp
    {
        $path = $this->path($key);
        clearstatcache(true, $path);

        return is_file($path) ? new Stamp((int) filesize($path), (int) filemtime($path)) : null;
    }

    public function isWhole(string $key, string $sha256): bool
    {
        return $this->has($key) && Checksum::of($this->path($key)) === $sha256;
    }

    public function keep(string $from, string $key, ?string $sha256 = null): void
    {
        $path = $this->workshop($key);
        if (! WholeCopy::put($from, $path, $sha256, 0440)) {
            throw CannotKeep::diskFull();
        }
    }

    public function repeat(string $from, string $key, string $sha256, bool $isApart = true): void
    {
        $path = $this->workshop($key);
        if ((! $isApart && @link($this->path($from), $path)) || $this->isWhole($key, $sha256)) {
            return;
        }
        if (is_file($path) || ! WholeCopy::put($this->path($from), $path, $sha256)) {
            throw CannotKeep::diskFullOrNameTaken();
        }
    }

    public function hand(string $key, string $to, string $sha256): bool
    {
        return WholeCopy::put($this->path($key), $to, $sha256);
    }

    public function workshop(string $key): string
    {
        $folder = dirname($this->path($key));
        is_dir($folder) || @mkdir($folder, 0770, true) || is_dir($folder) || throw CannotKeep::diskNotWritable();

        return $this->path($key);
    }

    /** It was made where it stays, and given its name in one step. */
    public function settle(string $key, ?string $sha256 = null): void {}

    public function move(string $from, string $to): void
    {
        rename($this->path($from), $this->path($to));
    }

    public function remove(string $key): void
    {
        @unlink($this->path($key));
    }

    public function clear(string $folder): void
    {
        (new Filesystem())->deleteDirectory($this->path($folder));
    }

    public function isTaken(string $folder): bool
    {
        return is_dir($this->path($folder));
    }

    public function all(string $folder): iterable
    {
        if (! is_dir($this->path($folder))) {
            return;
        }
        $below = new \RecursiveIteratorIterator(
            new \RecursiveDirectoryIterator($this->path($folder), \FilesystemIterator::SKIP_DOTS),
            \RecursiveIteratorIterator::LEAVES_ONLY,
            \RecursiveIteratorIterator::CATCH_GET_CHILD,
        );
        foreach ($below as $file) {
            /** @var \SplFileInfo $file */
            try {
                if ($file->isFile()) {
                    yield substr($file->getPathname(), strlen($this->root) + 1) => new Stamp(
                        (int) $file->getSize(),
                        (int) $file->getMTime(),
                    );
                }
            } catch (\RuntimeException) {
                continue; // it went meanwhile
            }
        }
    }

    public function touch(string $key): void
    {
        @touch($this->path($key));
    }
}
