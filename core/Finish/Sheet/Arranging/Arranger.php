<?php

declare(strict_types=1);

namespace Planisher\Finish\Sheet\Arranging;

use Planisher\Measure\Box;

/**
 * Arranges cells on the fewest sheets of one size, either way up, so that straight cuts free them; of ways with as few sheets the
 * one with the fewest cuts, then the largest single offcut. Small sets are tried out whole; large ones are packed in several ways,
 * rows among them, of which the best is taken. The same cells always lie the same.
 */
final class Arranger
{
    /**
     * @param  non-empty-list<array{int, int}>  $cells  width and height, in nanometres
     * @param  Box  $sheet  one sheet
     * @param  int  $gutter  free between cells, in nanometres
     * @param  int  $margin  free inside the sheet's edge
     * @return ?Arrangement null when a cell is larger than what the margin leaves
     */
    public static function arrange(array $cells, Box $sheet, int $gutter = 0, int $margin = 0): ?Arrangement
    {
        // With a gutter counted to each cell's right and bottom, and once to the room, cells may lie edge to edge.
        [$width, $height] = [$sheet->width - 2 * $margin + $gutter, $sheet->height - 2 * $margin + $gutter];
        $kinds = self::kinds($cells, $gutter);
        foreach ($kinds as $kind) {
            if (array_filter($kind->ways(), fn (array $way): bool => $way[0] <= $width && $way[1] <= $height) === []) {
                return null;
            }
        }
        $exact = ExactPacking::pack($kinds, $width, $height, $gutter > 0);
        $packings = $exact === null ? self::packings($kinds, $width, $height) : [$exact];

        return self::best(
            array_map(
                fn (array $packed): Arrangement => new Arrangement($sheet, self::spots($cells, $kinds, $packed, $gutter, $margin)),
                $packings,
            ),
        );
    }

    /**
     * @param  list<CellSize>  $kinds
     * @return non-empty-list<list<list<Placed>>> several ways to pack them
     */
    private static function packings(array $kinds, int $width, int $height): array
    {
        return [
            SplitPacking::pack($kinds, $width, $height, keepsLong: true),
            SplitPacking::pack($kinds, $width, $height, keepsLong: false),
            RowPacking::pack($kinds, $width, $height, lying: true, columns: false),
            RowPacking::pack($kinds, $width, $height, lying: false, columns: false),
            RowPacking::pack($kinds, $width, $height, lying: true, columns: true),
            RowPacking::pack($kinds, $width, $height, lying: false, columns: true),
        ];
    }

    /** @param  non-empty-list<Arrangement>  $all */
    private static function best(array $all): Arrangement
    {
        if (count($all) === 1) {
            return $all[0];
        }
        $fewest = min(array_map(fn (Arrangement $one): int => $one->sheets(), $all));
        $few = array_values(array_filter($all, fn (Arrangement $one): bool => $one->sheets() === $fewest));
        $weights = array_map(function (Arrangement $one): array {
            $orders = $one->orders();

            return [
                array_sum(array_map(fn (CutOrder $order): int => count($order->cuts), $orders)),
                -max(array_map(fn (CutOrder $order): float => $order->offcut, $orders)),
            ];
        }, $few);
        asort($weights);

        return $few[(int) array_key_first($weights)];
    }

    /**
     * @param  non-empty-list<array{int, int}>  $cells
     * @return non-empty-list<CellSize> the largest first
     */
    private static function kinds(array $cells, int $gutter): array
    {
        $counts = array_count_values(array_map(self::key(...), $cells));
        $kinds = [];
        foreach ($counts as $key => $count) {
            [$short, $long] = array_map(intval(...), explode(' ', (string) $key));
            $kinds[] = new CellSize($short + $gutter, $long + $gutter, $count);
        }
        usort($kinds, fn (CellSize $a, CellSize $b): int => [$b->area(), $b->long] <=> [$a->area(), $a->long]);

        return $kinds;
    }

    /**
     * Gives the places of each kind to the cells of that size, in their order.
     *
     * @param  non-empty-list<array{int, int}>  $cells
     * @param  list<CellSize>  $kinds
     * @param  list<list<Placed>>  $packed
     * @return non-empty-list<Spot>
     */
    private static function spots(array $cells, array $kinds, array $packed, int $gutter, int $margin): array
    {
        $free = [];
        foreach ($packed as $sheet => $placed) {
            usort($placed, fn (Placed $a, Placed $b): int => [$a->y, $a->x] <=> [$b->y, $b->x]);
            foreach ($placed as $one) {
                $kind = $kinds[$one->kind];
                $box = new Box($one->x + $margin, $one->y + $margin, $one->width - $gutter, $one->height - $gutter);
                $free[self::key([$kind->short - $gutter, $kind->long - $gutter])][] = [$sheet, $box];
            }
        }
        $spots = [];
        foreach ($cells as $cell) {
            [$sheet, $box] = array_shift($free[self::key($cell)]) ?? throw new \LogicException('Every cell is packed.');
            $spots[] = new Spot($sheet, $box, $box->width !== $cell[0]);
        }

        return $spots;
    }

    /** @param  array{int, int}  $cell */
    private static function key(array $cell): string
    {
        return min($cell).' '.max($cell);
    }
}
