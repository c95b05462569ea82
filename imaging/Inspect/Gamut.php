<?php

declare(strict_types=1);

namespace Planisher\Imaging\Inspect;

use Planisher\Colour\CieLab;
use Planisher\Colour\PaperProfile;
use Planisher\Colour\Space;
use Planisher\Imaging\Colour\Profiles;
use Planisher\Imaging\Colour\ThroughProfile;
use Planisher\Imaging\Vips\IccIntent;
use Planisher\Imaging\Vips\Image;
use Planisher\Imaging\Vips\Interpretation;

/**
 * The outline of what a space or a paper can show, in the CIE 1976 u′v′ diagram under D50, as profiles have it: its
 * strongest colours, once round from red
 * over yellow, green, cyan, blue and magenta.
 */
final class Gamut
{
    private const STEPS = 8;

    private const CORNERS = [[255, 0, 0], [255, 255, 0], [0, 255, 0], [0, 255, 255], [0, 0, 255], [255, 0, 255]];

    /** @return list<array{float, float}> u′ and v′, closed by the first */
    public static function of(Space|PaperProfile $of, Profiles $profiles): array
    {
        $pixels = '';
        foreach (self::CORNERS as $i => $from) {
            $to = self::CORNERS[($i + 1) % count(self::CORNERS)];
            for ($step = 0; $step < self::STEPS; $step++) {
                $pixels .= pack(
                    'C3',
                    ...array_map(fn (int $a, int $b): int => (int) round($a + (($b - $a) * $step) / self::STEPS), $from, $to),
                );
            }
        }
        $image = Image::fromPixels($pixels, count(self::CORNERS) * self::STEPS, 1, 3)->as(Interpretation::Srgb);

        return array_map(self::chromaticity(...), ThroughProfile::lab($image, $profiles->path($of), IccIntent::Absolute));
    }

    /** @return array{float, float} u′ and v′ (CIE 15:2004, 8.2.2) */
    private static function chromaticity(CieLab $lab): array
    {
        [$x, $y, $z] = array_map(fn (float $one): float => max(0.0, $one), ThroughProfile::xyz($lab));
        $all = max(1e-6, $x + 15 * $y + 3 * $z);

        return [round((4 * $x) / $all, 5), round((9 * $y) / $all, 5)];
    }
}
