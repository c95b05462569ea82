<?php

declare(strict_types=1);

namespace App\Making;

use Planisher\Imaging\Checksum;

/** A file copied whole or not at all: beside its final name first, and held against its checksum. */
final class WholeCopy
{
    /** @return bool whether it is there now; what was in the way was another's and stays */
    public static function put(string $from, string $to, string $sha256): bool
    {
        $part = dirname($to).'/.'.basename($to).'.'.getmypid().'.part';
        is_dir(dirname($to)) || @mkdir(dirname($to), 0770, true);
        if (! @copy($from, $part) || Checksum::of($part) !== $sha256 || ! @rename($part, $to)) {
            @unlink($part);

            return false;
        }

        return true;
    }
}
