<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Files\RegularFile;

/**
 * What the first bytes of a file say of it, found without understanding the rest: when it was taken (Exif 2.32, 4.6.5: times are
 * written YYYY:MM:DD HH:MM:SS) and its rating (XMP part 1, xmp:Rating, −1 to 5), which may stand in a file of XMP beside it, too.
 */
final readonly class FileHead
{
    private const BYTES = 131_072;

    private function __construct(private string $bytes, private string $sidecar) {}

    public static function of(string $path): self
    {
        $stem = substr($path, 0, -strlen(pathinfo($path, PATHINFO_EXTENSION)) - 1);
        $beside = array_values(array_filter(["{$stem}.xmp", "{$path}.xmp", "{$stem}.XMP"], is_file(...)))[0] ?? null;
        $read = fn (?string $file): string => $file === null ? '' : RegularFile::head($file, self::BYTES);

        return new self($read($path), $read($beside));
    }

    /** The earliest time it says, as YYYY-MM-DDTHH:MM:SS: what was changed since is later. */
    public function taken(): ?string
    {
        if (preg_match_all('/(?:19|20)\d\d:[01]\d:[0-3]\d [0-2]\d:[0-5]\d:[0-5]\d(?=\0)/', $this->bytes, $m) === 0) {
            return null;
        }
        [$day, $time] = explode(' ', min($m[0]));

        return str_replace(':', '-', $day)."T{$time}";
    }

    /** 1 to 5; null where nobody has rated it. What stands beside it counts before what stands in it. */
    public function rating(): ?int
    {
        foreach ([$this->sidecar, $this->bytes] as $text) {
            if (preg_match('/xmp:Rating\s*(?:=\s*["\']|>)\s*(-?\d)/', $text, $m) === 1) {
                return (int) $m[1] > 0 ? min(5, (int) $m[1]) : null;
            }
        }

        return null;
    }
}
