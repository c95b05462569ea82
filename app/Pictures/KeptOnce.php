<?php

declare(strict_types=1);

namespace App\Pictures;

use Planisher\Imaging\PictureRefused;

/** A file that is kept once under its checksum and never written again. */
final class KeptOnce
{
    /**
     * Copies it there where it isn't yet.
     *
     * @throws PictureRefused as copy() does
     */
    public static function keep(string $from, string $path): void
    {
        is_dir(dirname($path)) || mkdir(dirname($path), 0770, true);
        is_file($path) || self::copy($from, $path);
    }

    /** @throws PictureRefused when the disk is full or can't be written to; nothing is then left under its path */
    public static function copy(string $from, string $path): void
    {
        $part = $path.'.'.getmypid().'.part';
        if (! @copy($from, $part)) {
            @unlink($part);
            throw new PictureRefused('the studio’s disk is full or can’t be written to. Make room and add it again.');
        }
        chmod($part, 0440);
        rename($part, $path);
    }
}
