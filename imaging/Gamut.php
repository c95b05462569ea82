<?php

declare(strict_types=1);

namespace Planisher\Imaging;

use Planisher\Colour\PaperProfile;
use Planisher\Colour\Space;
use Planisher\Imaging\Vips\Image;

/**
 * The outline of what a space or a paper can show, in the CIE 1976 u′v′ diagram: its strongest colours, once round from red
 * over yellow, green, cyan, blue and magenta.
 */
final class Gamut
{
    private const STEPS = 8;

    private const CORNERS = [[255, 0, 0], [255, 255, 0], [0, 255, 0], [0, 255, 255], [0, 0, 255], [255, 0, 255]];

    /** VipsInterpretation XYZ, and the intent that keeps the paper's own white */
    private const XYZ = 1;

    private const ABSOLUTE = 3;

    /** @return list<array{float, float}> u′ and v′, closed by the first */
    public static function of(Space|PaperProfile $of): array
    {
        $pixels = '';
        foreach (self::CORNERS as $i => $from) {
            $to = self::CORNERS[($i + 1) % count(self::CORNERS)];
            for ($step = 0; $step < self::STEPS; $step++) {
                $pixels .= pack('C3', ...array_map(fn (int $a, int $b): int => (int) round($a + ($b - $a) * $step / self::STEPS), $from, $to));
            }
        }
        $count = count(self::CORNERS) * self::STEPS;
        $xyz = Image::fromPixels($pixels, $count, 1, 3)->run('copy', options: ['interpretation' => Image::SPACE_SRGB])
            ->run('icc_import', [], ['input_profile' => Profiles::path($of), 'intent' => self::ABSOLUTE, 'pcs' => self::XYZ]);
        $bands = array_map(fn (int $band): array => array_values((array) unpack('g*', $xyz->run('extract_band', [$band])->pixels())), [0, 1, 2]);

        return array_map(function (float $x, float $y, float $z): array {
            $all = max(1e-6, $x + 15 * $y + 3 * $z);

            return [round(4 * $x / $all, 5), round(9 * $y / $all, 5)]; // CIE 15:2004, 8.2.2
        }, ...$bands);
    }
}
