<?php

declare(strict_types=1);

namespace Planisher\Plan;

use Planisher\Colour\Rgb;
use Planisher\Measure\Length;
use Planisher\Measure\PixelRect;
use Planisher\Measure\Resolution;
use Planisher\Measure\Unit;

/**
 * Short lines that say where to cut a paper out of its carrier: in the surplus only, on the line of each cut, never nearer
 * than 1 mm to the paper.
 */
final class TrimTicks
{
    private const AWAY_MM = '1';

    public const LONGEST_MM = '5';

    public const SHORTEST_MM = '1.5';

    public const THICK_IN = '0.01';

    /**
     * @param  PixelRect  $paper  on the sheet
     * @return list<Fill>
     */
    public static function round(PixelRect $paper, int $sheetWidth, int $sheetHeight, Resolution $resolution): array
    {
        $mm = fn (string $number): int => Length::of($number, Unit::Millimetre)->px($resolution);
        $away = $mm(self::AWAY_MM) + 1; // rounding must not bring it nearer
        $thick = max(1, Length::of(self::THICK_IN, Unit::Inch)->px($resolution));
        $long = fn (int $surplus): int => min($mm(self::LONGEST_MM), $surplus - $away);
        [$right, $bottom] = [$paper->x + $paper->width, $paper->y + $paper->height];
        $surplus = ['left' => $paper->x, 'right' => $sheetWidth - $right, 'top' => $paper->y, 'bottom' => $sheetHeight - $bottom];

        $ticks = [];
        foreach (['left' => $paper->x, 'right' => $right] as $side => $x) {
            foreach (['top' => $paper->y - $away, 'bottom' => $bottom + $away] as $beyond => $y) {
                $length = $long($surplus[$beyond]);
                if ($surplus[$side] > 0 && $length >= $mm(self::SHORTEST_MM)) {
                    $ticks[] = new PixelRect(self::within($x - intdiv($thick, 2), $thick, $sheetWidth), $beyond === 'top' ? $y - $length : $y, $thick, $length);
                }
            }
        }
        foreach (['top' => $paper->y, 'bottom' => $bottom] as $side => $y) {
            foreach (['left' => $paper->x - $away, 'right' => $right + $away] as $beyond => $x) {
                $length = $long($surplus[$beyond]);
                if ($surplus[$side] > 0 && $length >= $mm(self::SHORTEST_MM)) {
                    $ticks[] = new PixelRect($beyond === 'left' ? $x - $length : $x, self::within($y - intdiv($thick, 2), $thick, $sheetHeight), $length, $thick);
                }
            }
        }

        return array_map(fn (PixelRect $where): Fill => new Fill($where, Rgb::black()), $ticks);
    }

    private static function within(int $position, int $length, int $whole): int
    {
        return max(0, min($whole - $length, $position));
    }
}
