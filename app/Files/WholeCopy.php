<?php

declare(strict_types=1);

namespace App\Files;

use Planisher\Imaging\Checksum;

/** A file copied whole or not at all: beside its final name first, and held against its checksum. */
final class WholeCopy
{
    /**
     * @param  ?string  $sha256  where it is known
     * @return bool whether it is there now; otherwise nothing has changed there
     */
    public static function put(string $from, string $to, ?string $sha256, int $mode = 0640): bool
    {
        $part = self::beside($to);
        is_dir(dirname($to)) || @mkdir(dirname($to), 0770, true);
        $isWhole = @copy($from, $part) && ($sha256 === null ? filesize($part) === filesize($from) : Checksum::of($part) === $sha256);
        if (! $isWhole || ! @chmod($part, $mode) || ! @rename($part, $to)) {
            @unlink($part);

            return false;
        }

        return true;
    }

    /** A text written whole or not at all. */
    public static function text(string $content, string $to): bool
    {
        $part = self::beside($to);
        $isWhole = @file_put_contents($part, $content) === strlen($content) && @rename($part, $to);
        $isWhole || @unlink($part);

        return $isWhole;
    }

    /** Where a file is written that gets its name when it is whole. */
    public static function beside(string $to): string
    {
        return dirname($to).'/.'.basename($to).'.'.getmypid().'.part';
    }
}
