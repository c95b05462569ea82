<?php

declare(strict_types=1);

namespace Planisher\Finish\Sheet;

use Planisher\Phrase\WordRow;

/** Cells counted by their sizes, in words: “two 3 × 4 in”, “one 3 × 4 and two 3 × 2 in”. */
final class CellsWording
{
    /** @param  list<Cell>  $cells */
    public static function of(array $cells): string
    {
        $counts = [];
        foreach ($cells as $cell) {
            $label = $cell->size()->portrait()->label();
            $counts[$label] = ($counts[$label] ?? 0) + $cell->print->copies;
        }

        return WordRow::list(
            array_map(
                fn (string $label, int $count): string => WordRow::number($count).($count > WordRow::MOST ? ' of ' : ' ').$label,
                array_keys($counts),
                $counts,
            ),
        );
    }

    /**
     * The same in short: sizes are told of at most two kinds.
     *
     * @param  list<Cell>  $cells
     */
    public static function short(array $cells): string
    {
        $kinds = array_unique(array_map(fn (Cell $cell): string => $cell->size()->portrait()->label(), $cells));
        $prints = count(CellsArranged::prints($cells));

        return count($kinds) <= 2 ? self::of($cells) : WordRow::number($prints).' small prints';
    }
}
