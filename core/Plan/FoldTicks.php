<?php

declare(strict_types=1);

namespace Planisher\Plan;

use Planisher\Colour\Rgb;
use Planisher\Measure\Length;
use Planisher\Measure\PixelRect;
use Planisher\Measure\Resolution;
use Planisher\Measure\Unit;

/** Short lines that say where to fold a canvas: in its spare only, which goes behind the bar. Dark on light, so that they read on any picture. */
final class FoldTicks
{
    /**
     * @param  PixelRect  $face  in the file
     * @param  int  $spare  in pixels
     * @return list<Fill>
     */
    public static function round(PixelRect $face, int $width, int $height, int $spare, Resolution $resolution): array
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
            foreach ([$face->x, $face->x + $face->width] as $x) {
                $ticks[] = new Fill(new PixelRect($x - $half, 0, $wide, $long), $colour);
                $ticks[] = new Fill(new PixelRect($x - $half, $height - $long, $wide, $long), $colour);
            }
            foreach ([$face->y, $face->y + $face->height] as $y) {
                $ticks[] = new Fill(new PixelRect(0, $y - $half, $long, $wide), $colour);
                $ticks[] = new Fill(new PixelRect($width - $long, $y - $half, $long, $wide), $colour);
            }
        }

        return $ticks;
    }
}
