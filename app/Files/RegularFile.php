<?php

declare(strict_types=1);

namespace App\Files;

/** Files that anybody may have put somewhere: what isn't a plain file is never waited for. */
final class RegularFile
{
    /** stat(2) */
    private const KIND = 0o170000;

    private const PLAIN = 0o100000;

    /**
     * Opens it for reading without waiting (O_NONBLOCK): a pipe or a device would hold whoever opens it for as long as it likes.
     *
     * @return ?resource null where it can't be read, or is no plain file
     */
    public static function open(string $path)
    {
        $file = @fopen($path, 'rbn');
        if ($file === false) {
            return null;
        }
        if (((fstat($file)['mode'] ?? 0) & self::KIND) === self::PLAIN) {
            return $file;
        }
        fclose($file);

        return null;
    }

    /** Its first bytes; none where it is no plain file. */
    public static function head(string $path, int $bytes): string
    {
        $file = self::open($path);

        return $file === null ? '' : (string) stream_get_contents($file, $bytes);
    }
}
