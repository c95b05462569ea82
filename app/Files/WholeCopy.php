<?php

declare(strict_types=1);

namespace App\Files;

use Planisher\Imaging\Files\Checksum;

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

    /**
     * What is read of an open file, whole or not at all.
     *
     * @param  resource  $from
     * @param  int  $most  bytes; of what is larger nothing is kept
     */
    public static function stream($from, string $to, int $most): bool
    {
        $part = self::beside($to);
        $out = @fopen($part, 'w');
        $copied = $out === false ? false : @stream_copy_to_stream($from, $out, $most + 1);
        $isWhole = $out !== false && fclose($out) && $copied === (fstat($from)['size'] ?? -1) && @chmod($part, 0640) && @rename($part, $to);
        $isWhole || @unlink($part);

        return $isWhole;
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
