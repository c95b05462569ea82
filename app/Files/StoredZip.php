<?php

declare(strict_types=1);

namespace App\Files;

use Illuminate\Support\Facades\Cache;

/** Writes a ZIP whose files are stored and not packed again: pictures are packed already. Nothing half-written is under its name. */
final class StoredZip
{
    private const REMEMBERED_SECONDS = 30 * 86_400;

    /** Whether so many bytes are packed while somebody waits; more are packed by a worker. */
    public static function isSoonPacked(int $bytes): bool
    {
        return $bytes <= config('planisher.zip.mostWaitedFor');
    }

    /**
     * One that is kept for whoever asks for it next; packed where it isn't yet.
     *
     * @param  callable(): array<string, string>  $files  paths by their names in it
     * @return string where it can be read
     */
    public static function kept(Disk $disk, string $key, callable $files): string
    {
        $stamp = $disk->stamp($key);
        if ($stamp !== null && Cache::get("packed-{$key}") === [$stamp->bytes, $stamp->changedAt]) {
            $disk->touch($key); // it is wanted: the sweep takes what nobody has asked for
            self::remember($disk, $key);
        } else {
            $stamp === null || $disk->remove($key); // it isn't as it was written
            $path = $disk->workshop($key);
            self::write($path, $files());
            $disk->settle($key);
            self::remember($disk, $key);
        }

        return $disk->path($key);
    }

    /** What it is like as it was written: a ZIP that was altered since is packed anew. */
    private static function remember(Disk $disk, string $key): void
    {
        $stamp = $disk->stamp($key);
        Cache::put("packed-{$key}", [$stamp?->bytes, $stamp?->changedAt], self::REMEMBERED_SECONDS);
    }

    /**
     * @param  array<string, string>  $files  paths by their names in it
     * @param  array<string, string>  $texts  what is written into it besides, by name
     *
     * @throws CannotKeep where the disk is full or a file has gone
     */
    public static function write(string $path, array $files, array $texts = []): void
    {
        is_dir(dirname($path)) || mkdir(dirname($path), 0770, true);
        $part = $path.'.'.getmypid().'.part';
        $zip = new \ZipArchive();
        $zip->open($part, \ZipArchive::CREATE | \ZipArchive::OVERWRITE);
        foreach ($texts as $name => $text) {
            $zip->addFromString($name, $text);
        }
        foreach ($files as $name => $from) {
            $zip->addFile($from, $name);
            $zip->setCompressionName($name, \ZipArchive::CM_STORE);
        }
        if (! @$zip->close()) {
            @unlink($part);
            throw CannotKeep::zipNotWritten();
        }
        rename($part, $path);
    }
}
