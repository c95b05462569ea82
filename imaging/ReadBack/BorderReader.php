<?php

declare(strict_types=1);

namespace Planisher\Imaging\ReadBack;

use Planisher\Imaging\Renderer;
use Planisher\Imaging\Vips\Image;
use Planisher\Lab\FileFormat;
use Planisher\Line\EdgeFill;
use Planisher\Measure\PixelRect;
use Planisher\Plan\Fill;
use Planisher\Plan\PlannedFile;

/** Looks whether a made file is border where the plan has border: a patch in the middle of each side's band, against the colour it should have. */
final class BorderReader
{
    /** A JPEG is unpacked at an eighth, so that a sample is the mean of one of its 8 × 8 blocks (ISO 10918-1). */
    public const SHRINK = 8;

    /** Of 8-bit codes, for what JPEG's rounding changes of a flat colour. */
    private const JPEG_TOLERANCE = 2.0;

    /** A patch is at most this share of its band's length, so that it stays clear of trim ticks. */
    private const SHARE = 0.1;

    /**
     * @param  Image  $unpacked  a JPEG at an eighth, a TIFF as it is
     * @return ?Measured null when there is no border wide enough to look at
     */
    public static function measure(Image $unpacked, PlannedFile $plan): ?Measured
    {
        if ($plan->surround !== null && ($plan->surround->fill !== EdgeFill::OneColour || $plan->surround->darken !== null)) {
            return null; // what lies round the face is no border
        }
        $jpeg = $plan->encoding->format === FileFormat::Jpeg;
        $colours = [];
        foreach (self::patches($plan, $jpeg ? self::SHRINK : 1) as $patch) {
            $expected = Renderer::codes($patch->colour, $plan->encoding);
            $part = $unpacked->run('crop', [$patch->where->x, $patch->where->y, $patch->where->width, $patch->where->height]);
            $found = array_map(fn (int $band): float => $part->run('extract_band', [$band])->mean(), [0, 1, 2]);
            $off = max(array_map(fn (float $a, float $b): float => abs($a - $b), $expected, $found));
            if ($off > ($jpeg ? self::JPEG_TOLERANCE : 0.0)) {
                return new Measured('border', (string) $patch->colour, 'codes '.implode(', ', array_map(fn (float $code): int => (int) round($code), $found)), false);
            }
            $colours[(string) $patch->colour] = true;
        }
        $said = implode(' and ', array_keys($colours));

        return $colours === [] ? null : new Measured('border', $said, $said, true);
    }

    /** @return list<Fill> in pixels of the unpacked image */
    private static function patches(PlannedFile $plan, int $shrink): array
    {
        $inner = $plan->placements[0]->target;
        $patches = [];
        foreach ([...$plan->fills, new Fill(new PixelRect(0, 0, $plan->width, $plan->height), $plan->paper)] as $ground) {
            $outer = $ground->where;
            [$right, $bottom] = [$inner->x + $inner->width, $inner->y + $inner->height];
            [$middleX, $middleY] = [$inner->x + intdiv($inner->width, 2), $inner->y + intdiv($inner->height, 2)];
            [$halfX, $halfY] = [(int) max($shrink * 2, $inner->width * self::SHARE / 2), (int) max($shrink * 2, $inner->height * self::SHARE / 2)];
            foreach ([
                [$middleX - $halfX, $outer->y, $middleX + $halfX, $inner->y],
                [$middleX - $halfX, $bottom, $middleX + $halfX, $outer->y + $outer->height],
                [$outer->x, $middleY - $halfY, $inner->x, $middleY + $halfY],
                [$right, $middleY - $halfY, $outer->x + $outer->width, $middleY + $halfY],
            ] as [$x0, $y0, $x1, $y1]) {
                // Only blocks that lie wholly inside the band
                [$x0, $y0] = [(int) ceil(max($x0, $outer->x) / $shrink), (int) ceil(max($y0, $outer->y) / $shrink)];
                [$x1, $y1] = [intdiv(min($x1, $outer->x + $outer->width), $shrink), intdiv(min($y1, $outer->y + $outer->height), $shrink)];
                if ($x1 > $x0 && $y1 > $y0) {
                    $patches[] = new Fill(new PixelRect($x0, $y0, $x1 - $x0, $y1 - $y0), $ground->colour);
                }
            }
            $inner = $outer;
        }

        return $patches;
    }
}
