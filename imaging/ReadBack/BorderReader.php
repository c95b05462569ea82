<?php

declare(strict_types=1);

namespace Planisher\Imaging\ReadBack;

use Planisher\Colour\Rgb;
use Planisher\Imaging\Colour\Conversion;
use Planisher\Imaging\Colour\Profiles;
use Planisher\Imaging\Vips\Image;
use Planisher\Lab\FileFormat;
use Planisher\Measure\PixelRect;
use Planisher\Plan\Layer\GroundLayer;
use Planisher\Plan\Layer\StrokeLayer;
use Planisher\Plan\PlannedFile;

/**
 * Looks whether a made file is border where the plan has border: a patch in the middle of each side's band, against the colour
 * it should have. Where something else is painted on the border, it isn't looked at.
 */
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
     * @return ?MeasuredFigure null when there is no border wide enough to look at
     */
    public static function measure(Image $unpacked, PlannedFile $plan, Profiles $profiles): ?MeasuredFigure
    {
        $conversion = new Conversion($plan->encoding, $profiles);
        $jpeg = $plan->encoding->format === FileFormat::Jpeg;
        $colours = [];
        foreach (self::patches($plan, $jpeg ? self::SHRINK : 1) as $patch) {
            $expected = $conversion->codes($patch->colour);
            $part = $unpacked->cut($patch->where);
            $found = array_map(fn (int $band): float => $part->run('extract_band', [$band])->mean(), [0, 1, 2]);
            $off = max(array_map(fn (float $a, float $b): float => abs($a - $b), $expected, $found));
            if ($off > ($jpeg ? self::JPEG_TOLERANCE : 0.0)) {
                return new MeasuredFigure(
                    'border',
                    (string) $patch->colour,
                    'codes '.implode(', ', array_map(fn (float $code): int => (int) round($code), $found)),
                    false,
                );
            }
            $colours[(string) $patch->colour] = true;
        }
        $said = implode(' and ', array_keys($colours));

        return $colours === [] ? null : new MeasuredFigure('border', $said, $said, true);
    }

    /**
     * Patches of ground that nothing else lies on, in pixels of the unpacked image: in the middle of each side of what lies on it.
     *
     * @return list<GroundLayer>
     */
    private static function patches(PlannedFile $plan, int $shrink): array
    {
        $patches = [];
        foreach (array_reverse($plan->grounds()) as $ground) {
            $inner = self::on($ground, $plan);
            foreach ($inner === null ? [] : self::beside($inner, $ground->where, $shrink) as $patch) {
                $colour = self::colourAt($patch, $plan);
                if ($colour !== null) {
                    $inBlocks = new PixelRect(
                        intdiv($patch->x, $shrink),
                        intdiv($patch->y, $shrink),
                        intdiv($patch->width, $shrink),
                        intdiv($patch->height, $shrink),
                    );
                    $patches[] = new GroundLayer($inBlocks, $colour);
                }
            }
        }

        return $patches;
    }

    /** The smallest part of a ground that holds all the pictures, papers and edges that lie on it. */
    private static function on(GroundLayer $ground, PlannedFile $plan): ?PixelRect
    {
        $all = null;
        $isOver = false;
        foreach ($plan->layers as $layer) {
            if ($isOver && ! ($layer instanceof StrokeLayer) && $layer->where()->meets($ground->where)) {
                $inside = $layer->where()->within($ground->where);
                $all = $all?->with($inside) ?? $inside;
            }
            $isOver = $isOver || $layer === $ground;
        }

        return $all;
    }

    /** @return list<PixelRect> made of whole blocks, in the middle of the four bands between two rectangles */
    private static function beside(PixelRect $inner, PixelRect $outer, int $shrink): array
    {
        [$middleX, $middleY] = [$inner->x + intdiv($inner->width, 2), $inner->y + intdiv($inner->height, 2)];
        $halfX = (int) max($shrink * 2, ($inner->width * self::SHARE) / 2);
        $halfY = (int) max($shrink * 2, ($inner->height * self::SHARE) / 2);
        $sides = [
            [$middleX - $halfX, $outer->y, $middleX + $halfX, $inner->y],
            [$middleX - $halfX, $inner->bottom(), $middleX + $halfX, $outer->bottom()],
            [$outer->x, $middleY - $halfY, $inner->x, $middleY + $halfY],
            [$inner->right(), $middleY - $halfY, $outer->right(), $middleY + $halfY],
        ];
        $patches = [];
        foreach ($sides as [$left, $top, $right, $bottom]) {
            [$left, $top] = [(int) ceil(max($left, $outer->x) / $shrink), (int) ceil(max($top, $outer->y) / $shrink)];
            [$right, $bottom] = [intdiv(min($right, $outer->right()), $shrink), intdiv(min($bottom, $outer->bottom()), $shrink)];
            if ($right > $left && $bottom > $top) {
                $patches[] = PixelRect::edges($left * $shrink, $top * $shrink, $right * $shrink, $bottom * $shrink);
            }
        }

        return $patches;
    }

    /** The one colour that a patch has by the plan; null where anything else lies on it, or ends in it. */
    private static function colourAt(PixelRect $patch, PlannedFile $plan): ?Rgb
    {
        foreach (array_reverse($plan->layers) as $layer) {
            if (! $layer->where()->meets($patch)) {
                continue;
            }
            $isFlat = $layer instanceof GroundLayer || $layer instanceof StrokeLayer;

            return $isFlat && $patch->liesIn($layer->where()) ? $layer->colour : null;
        }

        return null;
    }
}
