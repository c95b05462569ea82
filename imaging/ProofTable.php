<?php

declare(strict_types=1);

namespace Planisher\Imaging;

use Planisher\Colour\Lab;
use Planisher\Colour\PaperProfile;
use Planisher\Imaging\Vips\Image;
use Planisher\Plan\Encoding;

/**
 * The whole way from a file's colours onto a paper as one profile: a table of 33 × 33 × 33 places with what is seen there
 * (ICC.1:2001-04, lut16Type, version 2). LittleCMS takes about 80 ms to prepare the way into a paper; by this it is prepared once.
 */
final class ProofTable
{
    private const GRID = 33;

    /** ICC.1, PCS illuminant */
    private const D50 = [0.9642, 1.0, 0.8249];

    /** @param  string  $path  where it is kept; written when it isn't there */
    public static function at(string $path, Encoding $encoding, PaperProfile $paper): string
    {
        if (! is_file($path)) {
            Beside::write($path, fn (string $part) => file_put_contents($part, self::profile(self::seen($encoding, $paper))));
        }

        return $path;
    }

    /** @return list<Lab> what is seen on the paper of every place of the grid, blue fastest */
    private static function seen(Encoding $encoding, PaperProfile $paper): array
    {
        $codes = array_map(fn (int $step): int => (int) round($step / (self::GRID - 1) * 65_535), range(0, self::GRID - 1));
        $pixels = '';
        foreach ($codes as $red) {
            foreach ($codes as $green) {
                foreach ($codes as $blue) {
                    $pixels .= pack('v3', $red, $green, $blue);
                }
            }
        }
        $grid = Image::fromDeepPixels($pixels, self::GRID ** 2, self::GRID)->run('copy', options: ['interpretation' => Image::SPACE_RGB16]);

        return ThroughProfile::lab(Proof::printed($grid, $encoding, $paper), Profiles::path($paper), ThroughProfile::ABSOLUTE);
    }

    /** @param  list<Lab>  $seen */
    private static function profile(array $seen): string
    {
        $code = fn (float $value): int => max(0, min(65_535, (int) round($value)));
        // Lab in 16 bits as version 2 has it: L* 100 is FF00, a* and b* lie about 8000
        $table = implode('', array_map(fn (Lab $lab): string => pack('n3', $code($lab->lightness * 652.8), $code(($lab->a + 128) * 256), $code(($lab->b + 128) * 256)), $seen));
        $straight = str_repeat(pack('n2', 0, 65_535), 3);
        $identity = implode('', array_map(fn (int $i): string => pack('N', $i % 4 === 0 ? 65_536 : 0), range(0, 8)));
        $tags = [
            'desc' => "desc\0\0\0\0".pack('N', 6)."proof\0".str_repeat("\0", 78),
            'cprt' => "text\0\0\0\0CC0\0",
            'wtpt' => "XYZ \0\0\0\0".implode('', array_map(fn (float $v): string => pack('N', (int) round($v * 65_536)), self::D50)),
            'A2B1' => "mft2\0\0\0\0".pack('C4', 3, 3, self::GRID, 0).$identity.pack('n2', 2, 2).$straight.$table.$straight,
        ];
        [$directory, $data] = ['', ''];
        $at = 128 + 4 + 12 * count($tags);
        foreach ($tags as $name => $bytes) {
            $directory .= $name.pack('N2', $at + strlen($data), strlen($bytes));
            $data .= $bytes.str_repeat("\0", (4 - strlen($bytes) % 4) % 4);
        }
        $header = str_pad(pack('N', $at + strlen($data))."\0\0\0\0".pack('N', 0x02400000).'prtrRGB Lab '.pack('n6', 2026, 11, 25, 0, 0, 0).'acsp'.str_repeat("\0", 28)
            .implode('', array_map(fn (float $v): string => pack('N', (int) round($v * 65_536)), self::D50)), 128, "\0");

        return $header.pack('N', count($tags)).$directory.$data;
    }
}
