<?php

declare(strict_types=1);

namespace Planisher\Imaging\Files;

/** Writes a file beside its path and gives it that name when it is complete, so that nobody meets half of one. */
final class Beside
{
    /** @param  callable(string): mixed  $write  told where to */
    public static function write(string $path, callable $write): void
    {
        $part = $path.'.'.getmypid().'.part';
        try {
            $write($part);
            rename($part, $path);
        } finally {
            @unlink($part);
        }
    }
}
