<?php

declare(strict_types=1);

namespace Planisher\Finish\Sheet;

use Planisher\Colour\Rgb;
use Planisher\Measure\Length;
use Planisher\Measure\PixelRect;
use Planisher\Measure\Resolution;
use Planisher\Measure\Unit;
use Planisher\Plan\Layer\StrokeLayer;
use Planisher\Plan\TrimTicks;

/**
 * Short lines that say where to cut cells out of their sheet: on the line of each cut, in margin and gutter only, and clear of
 * every cell.
 */
final class CutMarks
{
    /** Shorter than this nobody sees it. */
    private const SHORTEST_MM = '1';

    /** How far from a cell, at most, in mm; in a narrow gutter a quarter of it. */
    private const AWAY_MM = '1';

    /**
     * @param  list<PixelRect>  $cells  on the sheet
     * @return list<StrokeLayer>
     */
    public static function on(PixelRect $sheet, array $cells, Resolution $resolution): array
    {
        $thick = max(1, Length::of(TrimTicks::THICK_IN, Unit::Inch)->px($resolution));
        $ticks = [];
        foreach ($cells as $cell) {
            foreach ([$cell->x, $cell->right()] as $x) {
                $runs = [[$cell->y, -1], [$cell->bottom(), 1]];
                foreach ($runs as [$from, $way]) {
                    $run = self::run($from, $way, $x, isDown: true, sheet: $sheet, cells: $cells, resolution: $resolution);
                    $ticks[] = $run === null ? null : new PixelRect($x - intdiv($thick, 2), $run[0], $thick, $run[1]);
                }
            }
            foreach ([$cell->y, $cell->bottom()] as $y) {
                $runs = [[$cell->x, -1], [$cell->right(), 1]];
                foreach ($runs as [$from, $way]) {
                    $run = self::run($from, $way, $y, isDown: false, sheet: $sheet, cells: $cells, resolution: $resolution);
                    $ticks[] = $run === null ? null : new PixelRect($run[0], $y - intdiv($thick, 2), $run[1], $thick);
                }
            }
        }
        $clear = [];
        foreach (array_filter($ticks) as $tick) {
            $tick = $tick->movedInto($sheet);
            if (array_filter($cells, fn (PixelRect $cell): bool => $cell->meets($tick)) === []) {
                $clear[implode(' ', $tick->toArray())] = new StrokeLayer($tick, Rgb::black());
            }
        }

        return array_values($clear);
    }

    /**
     * The stretch of a tick that goes on from a cell's corner along the line of a cut.
     *
     * @param  int  $from  the corner, along the line
     * @param  int  $way  -1 up or left, 1 down or right
     * @param  int  $line  across it
     * @param  list<PixelRect>  $cells
     * @return ?array{int, int} where it begins and how long it is, in pixels; null where there is no room
     */
    private static function run(
        int $from,
        int $way,
        int $line,
        bool $isDown,
        PixelRect $sheet,
        array $cells,
        Resolution $resolution,
    ): ?array {
        $mm = fn (string $number): int => Length::of($number, Unit::Millimetre)->px($resolution);
        $end = $way < 0 ? ($isDown ? $sheet->y : $sheet->x) : ($isDown ? $sheet->bottom() : $sheet->right());
        $isAtCell = false;
        foreach ($cells as $cell) {
            [$least, $most] = $isDown ? [$cell->x, $cell->right()] : [$cell->y, $cell->bottom()];
            [$near, $far] = $isDown ? [$cell->y, $cell->bottom()] : [$cell->x, $cell->right()];
            $edge = $way < 0 ? $far : $near;
            if ($line >= $least && $line <= $most && ($edge - $from) * $way >= 0 && ($end - $edge) * $way > 0) {
                [$end, $isAtCell] = [$edge, true];
            }
        }
        $gap = abs($end - $from);
        $away = min($mm(self::AWAY_MM), intdiv($gap, 4)) + 1; // rounding must not bring it nearer
        $length = min($mm(TrimTicks::LONGEST_MM), $gap - ($isAtCell ? 2 : 1) * $away);

        return $length < $mm(self::SHORTEST_MM) ? null : [$way < 0 ? $from - $away - $length : $from + $away, $length];
    }
}
