<?php

declare(strict_types=1);

namespace Planisher\Finish\Sheet;

use Planisher\OrderFile\JsonNode;
use Planisher\OrderFile\MergePatch;
use Planisher\OrderFile\OrderFileError;

/** Changes of single cells, as merge patches (RFC 7386) of the line that has them: a list is always given whole. */
final class CellChange
{
    /**
     * @param  array<string, mixed>  $change  of the cell's own form
     * @return array<string, mixed> a change of the line
     *
     * @throws OrderFileError when there is no such cell
     */
    public static function of(SheetWanted $wanted, int $place, array $change): array
    {
        $cell =
            $wanted->cells[$place] ?? throw new OrderFileError('cell', (string) $place, 'a cell of this sheet', 'There is no such cell.');
        $isOther = array_key_exists('picture', $change) && $change['picture'] !== $cell->print->picture;
        $form = array_diff_key($cell->toArray(), $isOther ? ['window' => true] : []); // another picture, another window

        return self::with($wanted, [$place => MergePatch::apply($form, $change)]);
    }

    /**
     * @param  array<int, array<string, mixed>>  $forms  of some cells, by place
     * @return array<string, mixed> a change of the line
     */
    public static function with(SheetWanted $wanted, array $forms): array
    {
        return self::all(array_replace(array_map(fn (Cell $cell): array => $cell->toArray(), $wanted->cells), $forms));
    }

    /**
     * @param  array<int, array<string, mixed>>  $forms  of all cells
     * @return array<string, mixed> a change of the line
     */
    public static function all(array $forms): array
    {
        // a picture that isn't there is taken away; left out, it would stay as it is
        $said = fn (array $form): array => $form + ['picture' => null];

        return [SheetWanted::NAME => ['cells' => array_values(array_map($said, $forms))]];
    }

    /**
     * The cell by itself, changed.
     *
     * @param  array<string, mixed>  $change
     */
    public static function changed(Cell $cell, array $change): Cell
    {
        return Cell::fromNode(JsonNode::root(MergePatch::apply($cell->toArray(), Cell::in($change))));
    }
}
