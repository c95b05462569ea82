<?php

declare(strict_types=1);

namespace App\Making;

use App\Files\Disk;

/** Writes a ZIP whose files are stored and not packed again: pictures are packed already. Nothing half-written is under its name. */
final class StoredZip
{
    /**
     * One that is kept for whoever asks for it next; packed where it isn't yet.
     *
     * @param  callable(): array<string, string>  $files  paths by their names in it
     * @return string where it can be read
     */
    public static function kept(Disk $disk, string $key, callable $files): string
    {
        if ($disk->has($key)) {
            $disk->touch($key); // it is wanted: the sweep takes what nobody has asked for
        } else {
            $path = $disk->workshop($key);
            self::write($path, $files());
            $disk->settle($key);
        }

        return $disk->path($key);
    }

    /**
     * Ends the request where the disk is full or a file has gone.
     *
     * @param  array<string, string>  $files  paths by their names in it
     * @param  array<string, string>  $texts  what is written into it besides, by name
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
            abort(507, 'The ZIP can’t be written: the disk is full, or a file of it was moved away.');
        }
        rename($part, $path);
    }
}
