<?php

declare(strict_types=1);

namespace Planisher\Finish\Sheet;

use Planisher\Line\LineChange;
use Planisher\OrderFile\JsonNode;
use Planisher\OrderFile\OrderFileError;

/** Changes of single cells, as changes of the line that has them: a list is always given whole. */
final class CellChange
{
    /**
     * @param  array<int, LineChange>  $changes  of cells' own forms, by place
     *
     * @throws OrderFileError when there is no such cell
     */
    public static function of(SheetWanted $wanted, array $changes): LineChange
    {
        $forms = [];
        foreach ($changes as $place => $change) {
            $cell =
                $wanted->cells[$place] ??
                throw new OrderFileError('cell', (string) $place, 'a cell of this sheet', 'There is no such cell.');
            $isOther = $change->says('picture') && $change->said('picture') !== $cell->print->picture;
            // another picture, another window
            $forms[$place] = $change->onto(array_diff_key($cell->toArray(), $isOther ? ['window' => true] : []));
        }

        return self::with($wanted, $forms);
    }

    /**
     * @param  array<int, array<string, mixed>>  $forms  of some cells, by place
     */
    public static function with(SheetWanted $wanted, array $forms): LineChange
    {
        return self::all(array_replace(array_map(fn (Cell $cell): array => $cell->toArray(), $wanted->cells), $forms));
    }

    /**
     * @param  array<int, array<string, mixed>>  $forms  of all cells
     */
    public static function all(array $forms): LineChange
    {
        // a picture that isn't there is taken away; left out, it would stay as it is
        $said = fn (array $form): array => $form + ['picture' => null];

        return LineChange::of([SheetWanted::NAME => ['cells' => array_values(array_map($said, $forms))]]);
    }

    /** The cell by itself, changed. */
    public static function changed(Cell $cell, LineChange $change): Cell
    {
        return Cell::fromNode(JsonNode::root(LineChange::of(Cell::in($change->toArray()))->onto($cell->toArray())));
    }
}
