<?php

declare(strict_types=1);

namespace Planisher\Finish\Canvas;

use Planisher\Colour\Rgb;
use Planisher\Measure\Length;
use Planisher\Measure\PixelRect;
use Planisher\Measure\Resolution;
use Planisher\Measure\Unit;
use Planisher\Plan\Layer\StrokeLayer;
use Planisher\Plan\TrimTicks;

/**
 * Short lines that say where to fold a canvas: in its spare only, which goes behind the bar. Dark on light, so that they read
 * on any picture.
 */
final class FoldTicks
{
    /**
     * @param  PixelRect  $face  in the file
     * @param  int  $spare  in pixels
     * @return list<StrokeLayer>
     */
    public static function round(PixelRect $face, PixelRect $file, int $spare, Resolution $resolution): array
    {
        $mm = fn (string $number): int => Length::of($number, Unit::Millimetre)->px($resolution);
        $long = min($spare, $mm(TrimTicks::LONGEST_MM));
        if ($long < max(1, $mm(TrimTicks::SHORTEST_MM))) {
            return [];
        }
        $thick = max(1, Length::of(TrimTicks::THICK_IN, Unit::Inch)->px($resolution));
        $ticks = [];
        foreach ([[3 * $thick, Rgb::white()], [$thick, Rgb::black()]] as [$wide, $colour]) {
            $half = intdiv($wide, 2);
            foreach ([$face->x, $face->right()] as $x) {
                $ticks[] = new StrokeLayer(new PixelRect($x - $half, 0, $wide, $long), $colour);
                $ticks[] = new StrokeLayer(new PixelRect($x - $half, $file->height - $long, $wide, $long), $colour);
            }
            foreach ([$face->y, $face->bottom()] as $y) {
                $ticks[] = new StrokeLayer(new PixelRect(0, $y - $half, $long, $wide), $colour);
                $ticks[] = new StrokeLayer(new PixelRect($file->width - $long, $y - $half, $long, $wide), $colour);
            }
        }

        return $ticks;
    }
}
