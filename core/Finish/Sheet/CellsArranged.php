<?php

declare(strict_types=1);

namespace Planisher\Finish\Sheet;

use Planisher\Finish\Sheet\Arranging\Arrangement;
use Planisher\Finish\Sheet\Arranging\Arranger;
use Planisher\Finish\Sheet\Arranging\Spot;
use Planisher\Line\Turn;
use Planisher\Measure\Box;
use Planisher\Measure\Size;

/** The places of all prints of a sheet, copies counted, cell by cell. */
final class CellsArranged
{
    /** @return ?Arrangement null when there is none to arrange, or one is larger than the sheet leaves room for */
    public static function on(SheetWanted $wanted, Size $size): ?Arrangement
    {
        $sheet = Box::ofSize(self::upright($size, $wanted->turn));
        $prints = self::prints($wanted->cells);
        $loose = array_filter($prints, fn (Cell $cell): bool => $cell->at === null);
        $put = self::put($prints);
        if ($loose === []) {
            return $put === [] ? null : new Arrangement($sheet, array_values($put));
        }
        $arranged = Arranger::arrange(
            array_map(self::sides(...), array_values($loose)),
            $sheet,
            $wanted->gutter->nanometres,
            $wanted->margin->nanometres,
        );
        if ($arranged === null) {
            return null;
        }
        if ($put === []) {
            return $wanted->turn === Turn::Auto && $arranged->turned()->turns() < $arranged->turns() ? $arranged->turned() : $arranged;
        }
        $after = (new Arrangement($sheet, array_values($put)))->sheets();
        $spots = $put;
        foreach (array_keys($loose) as $i => $print) {
            $spot = $arranged->spots[$i];
            $spots[$print] = new Spot($after + $spot->sheet, $spot->box, $spot->isTurned);
        }
        ksort($spots);

        return new Arrangement($sheet, array_values($spots));
    }

    /**
     * Every print that is cut out, its cell as often as it has copies.
     *
     * @param  list<Cell>  $cells
     * @return list<Cell>
     */
    public static function prints(array $cells): array
    {
        return array_merge(...array_map(fn (Cell $cell): array => array_fill(0, $cell->print->copies, $cell), $cells));
    }

    private static function upright(Size $size, Turn $turn): Size
    {
        return match ($turn) {
            Turn::Auto => $size,
            Turn::Portrait => $size->portrait(),
            Turn::Landscape => $size->landscape(),
        };
    }

    /**
     * The places of cells that were put somewhere; a sheet that carries none of them is none.
     *
     * @param  array<int, Cell>  $cells  the others are passed over
     * @return array<int, Spot> by the same keys
     */
    private static function put(array $cells): array
    {
        $places = array_filter(array_map(fn (Cell $cell): ?CellPlace => $cell->at, $cells));
        $used = array_unique(array_map(fn (CellPlace $at): int => $at->sheet, $places));
        sort($used);
        $numbers = array_flip($used);
        $spots = [];
        foreach ($places as $print => $at) {
            $spots[$print] = self::spot($cells[$print], $at, $numbers[$at->sheet]);
        }

        return $spots;
    }

    private static function spot(Cell $cell, CellPlace $at, int $sheet): Spot
    {
        [$wide, $high] = self::sides($cell);

        return new Spot(
            $sheet,
            new Box($at->x->nanometres, $at->y->nanometres, $at->isTurned ? $high : $wide, $at->isTurned ? $wide : $high),
            $at->isTurned,
        );
    }

    /** @return array{int, int} width and height in nanometres, as it was given */
    private static function sides(Cell $of): array
    {
        return [$of->size()->width->nanometres, $of->size()->height->nanometres];
    }
}
