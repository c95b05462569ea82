<?php

declare(strict_types=1);

namespace Planisher\Finish\Sheet\Arranging;

/** First-fit rows: the highest cells first, each into the first row that has room, rows from the top of the first sheet that has. */
final class RowPacking
{
    /**
     * @param  list<CellSize>  $kinds
     * @param  bool  $lying  cells lie on their long sides where the room allows it; else they stand
     * @param  bool  $columns  down instead of across
     * @return list<list<Placed>> sheet by sheet
     */
    public static function pack(array $kinds, int $width, int $height, bool $lying, bool $columns): array
    {
        [$across, $down] = $columns ? [$height, $width] : [$width, $height];
        $sheets = [];
        foreach (self::cells($kinds, $across, $down, $lying) as [$kind, $wide, $high]) {
            [$sheet, $row] = self::room($sheets, $wide, $high, $across, $down);
            $sheets[$sheet] ??= ['used' => 0, 'rows' => []];
            if (! isset($sheets[$sheet]['rows'][$row])) {
                $sheets[$sheet]['rows'][$row] = ['y' => $sheets[$sheet]['used'], 'height' => $high, 'used' => 0, 'cells' => []];
                $sheets[$sheet]['used'] += $high;
            }
            $in = &$sheets[$sheet]['rows'][$row];
            $in['cells'][] = $columns
                ? new Placed($kind, $in['y'], $in['used'], $high, $wide)
                : new Placed($kind, $in['used'], $in['y'], $wide, $high);
            $in['used'] += $wide;
            unset($in);
        }

        return array_values(array_map(fn (array $sheet): array => array_merge(...array_column($sheet['rows'], 'cells')), $sheets));
    }

    /**
     * @param  list<CellSize>  $kinds
     * @return list<array{int, int, int}> kind, width and height of each cell, the highest first
     */
    private static function cells(array $kinds, int $across, int $down, bool $lying): array
    {
        $cells = [];
        foreach ($kinds as $at => $kind) {
            [$wide, $high] = $lying ? [$kind->long, $kind->short] : [$kind->short, $kind->long];
            $fits = $wide <= $across && $high <= $down;
            array_push($cells, ...array_fill(0, $kind->count, $fits ? [$at, $wide, $high] : [$at, $high, $wide]));
        }
        usort($cells, fn (array $a, array $b): int => [$b[2], $b[1], $a[0]] <=> [$a[2], $a[1], $b[0]]);

        return $cells;
    }

    /**
     * @param  array<int, array{used: int, rows: array<int, array{y: int, height: int, used: int, cells: list<Placed>}>}>  $sheets
     * @return array{int, int} which sheet and which of its rows; one beyond the last where it begins a new one
     */
    private static function room(array $sheets, int $wide, int $high, int $across, int $down): array
    {
        foreach ($sheets as $at => $sheet) {
            foreach ($sheet['rows'] as $number => $row) {
                if ($high <= $row['height'] && $across >= $row['used'] + $wide) {
                    return [$at, $number];
                }
            }
            if ($down >= $sheet['used'] + $high) {
                return [$at, count($sheet['rows'])];
            }
        }

        return [count($sheets), 0];
    }
}
