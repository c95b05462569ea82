<?php

declare(strict_types=1);

namespace App\Files;

use Planisher\Picture\PictureRefused;

/** A file that is kept once under its checksum and never written again. */
final class KeptOnce
{
    /**
     * Keeps it where it isn't yet.
     *
     * @throws PictureRefused as put() does
     */
    public static function keep(Disk $disk, string $from, string $key): void
    {
        $disk->has($key) || self::put($disk, $from, $key);
    }

    /** @throws PictureRefused when the disk is full or can't be written to; nothing is then left under its key */
    public static function put(Disk $disk, string $from, string $key, ?string $sha256 = null): void
    {
        try {
            $disk->keep($from, $key, $sha256);
        } catch (CannotKeep $e) {
            throw PictureRefused::because($e->getMessage(), $e);
        }
    }
}
