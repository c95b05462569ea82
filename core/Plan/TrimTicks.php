<?php

declare(strict_types=1);

namespace Planisher\Plan;

use Planisher\Colour\Rgb;
use Planisher\Measure\Length;
use Planisher\Measure\PixelRect;
use Planisher\Measure\Resolution;
use Planisher\Measure\Unit;
use Planisher\Plan\Layer\StrokeLayer;

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
     * @return list<StrokeLayer>
     */
    public static function round(PixelRect $paper, PixelRect $sheet, Resolution $resolution): array
    {
        $mm = fn (string $number): int => Length::of($number, Unit::Millimetre)->px($resolution);
        $away = $mm(self::AWAY_MM) + 1; // rounding must not bring it nearer
        $thick = max(1, Length::of(self::THICK_IN, Unit::Inch)->px($resolution));
        $long = fn (int $surplus): int => min($mm(self::LONGEST_MM), $surplus - $away);
        $surplus = [
            'left' => $paper->x - $sheet->x,
            'right' => $sheet->right() - $paper->right(),
            'top' => $paper->y - $sheet->y,
            'bottom' => $sheet->bottom() - $paper->bottom(),
        ];
        $across = ['left' => $paper->x, 'right' => $paper->right()];
        $down = ['top' => $paper->y, 'bottom' => $paper->bottom()];

        $ticks = [];
        foreach ([[$across, $down, false], [$down, $across, true]] as [$cuts, $ends, $lies]) {
            foreach ($cuts as $side => $at) {
                foreach ($ends as $end => $edge) {
                    $length = $long($surplus[$end]);
                    if ($surplus[$side] > 0 && $length >= $mm(self::SHORTEST_MM)) {
                        $from = in_array($end, ['left', 'top'], true) ? $edge - $away - $length : $edge + $away;
                        $middle = $at - intdiv($thick, 2);
                        $tick = $lies ? new PixelRect($from, $middle, $length, $thick) : new PixelRect($middle, $from, $thick, $length);
                        $ticks[] = new StrokeLayer($tick->movedInto($sheet), Rgb::black());
                    }
                }
            }
        }

        return $ticks;
    }
}
