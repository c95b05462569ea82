<?php

declare(strict_types=1);

namespace Planisher\Finish\Panels;

use Planisher\Finding\Check;
use Planisher\Finding\Finding;
use Planisher\Finding\Remedy;
use Planisher\Line\LineChange;
use Planisher\Line\OnASheet;
use Planisher\Measure\Box;
use Planisher\Measure\Length;
use Planisher\Measure\Size;
use Planisher\Phrase\WordRow;
use Planisher\Plan\Layout;
use Planisher\Plan\LineContext;

/** Stops a piece larger than the lab makes of that product: which, by how much, and how many panels would do. */
final class PieceFits implements Check
{
    /** Sizes of a product that are told; more are on the card */
    private const MOST_TOLD = 8;

    public function judge(LineContext $at): ?Finding
    {
        $largest = $at->lab->largestPieceOf($at->line->printedOn());
        $size = $at->plan?->size() ?? $at->line->crop?->size;
        $grid = $at->plan?->layout->own;
        $pieces =
            $grid instanceof PanelGrid && $size !== null
                ? array_map(fn (Panel $panel): Size => self::size($panel->box, $size), $grid->panels())
                : array_filter([$size]);
        $had = self::isHad($pieces, $at);
        if ($had !== null || $largest === null || $size === null) {
            return $had;
        }
        if ($at->plan !== null && $grid instanceof PanelGrid) {
            return self::panels($at, $at->plan->layout, $grid, $largest);
        }

        return $largest->holds($size)
            ? null
            : Finding::stops(
                'piece-too-large',
                'Larger than the lab makes',
                "{$size->label()} doesn’t fit {$at->lab->name}’s largest piece, {$largest->label()}: it is ".
                    self::over(Box::ofSize($size), $largest, $size).
                    ' too large. Choose a smaller size, or panels.',
                self::asPanels($size, $largest),
            );
    }

    /**
     * A product that is had in sizes of its own is had in no other; of what is laid on sheets its list of sizes is asked by itself.
     *
     * @param  list<Size>  $pieces
     */
    private static function isHad(array $pieces, LineContext $at): ?Finding
    {
        $product = $at->lab->product($at->line->printedOn());
        if ($product === null || $product->sizes === [] || $at->line->wanted instanceof OnASheet) {
            return null;
        }
        foreach ($pieces as $piece) {
            if ($at->lab->of($product->name)->means($piece) === null) {
                $sizes = array_map(fn (Size $had): string => $had->label(), $product->sizes);

                return Finding::look(
                    'piece-not-had',
                    "{$product->name} isn’t had in {$piece->label()}",
                    "{$at->lab->name} makes it in ".
                        WordRow::list(array_slice($sizes, 0, self::MOST_TOLD)).
                        (count($sizes) > self::MOST_TOLD ? ', and larger or smaller ones' : '').
                        '. It may refuse it.',
                );
            }
        }

        return null;
    }

    private static function panels(LineContext $at, Layout $layout, PanelGrid $grid, Size $largest): Finding
    {
        $names = PanelsWanted::places(count($grid->columns), count($grid->rows));
        foreach ($grid->panels() as $i => $panel) {
            $piece = self::size($panel->box, $layout->size);
            if ($largest->holds($piece)) {
                continue;
            }
            $which = $names[$i] === '' ? 'The panel' : "The panel {$names[$i]}";
            $would = self::howMany($layout->size, $largest);

            return Finding::stops(
                'piece-too-large',
                "{$which} is larger than the lab makes",
                "{$piece->label()} doesn’t fit {$at->lab->name}’s largest piece, {$largest->label()}: it is ".
                    self::over($panel->box, $largest, $layout->size).
                    ' too large. '.
                    ($would === null ? 'No number of panels would do.' : "{$would[0]} × {$would[1]} panels would do."),
                self::asPanels($layout->size, $largest),
            );
        }

        return Finding::fine('pieces-fit', 'The lab makes pieces so large', "Its largest is {$largest->label()}.");
    }

    /** By how much a box is too large, the way up that is nearer to fitting. */
    private static function over(Box $box, Size $largest, Size $as): string
    {
        $over = fn (Size $piece): array => [$box->width - $piece->width->nanometres, $box->height - $piece->height->nanometres];
        [$one, $other] = [$over($largest), $over($largest->turned())];
        [$wide, $high] = max($one) <= max($other) ? $one : $other;
        $unit = $as->width->unit;

        return implode(
            ' and ',
            array_filter([
                $wide > 0 ? Length::ofNanometres($wide, $unit)->label().' in width' : null,
                $high > 0 ? Length::ofNanometres($high, $unit)->label().' in height' : null,
            ]),
        );
    }

    /**
     * The fewest equal panels that fit.
     *
     * @return ?array{int, int} columns and rows
     */
    private static function howMany(Size $whole, Size $largest): ?array
    {
        $best = null;
        for ($columns = 1; $columns <= PanelShares::MOST; $columns++) {
            for ($rows = 1; $rows <= PanelShares::MOST; $rows++) {
                $piece = new Box(0, 0, intdiv($whole->width->nanometres, $columns), intdiv($whole->height->nanometres, $rows));
                if (
                    $largest->holds(self::size($piece, $whole)) &&
                    ($best === null || [$columns * $rows, $rows] < [$best[0] * $best[1], $best[1]])
                ) {
                    $best = [$columns, $rows];
                }
            }
        }

        return $best;
    }

    private static function asPanels(Size $whole, Size $largest): ?Remedy
    {
        $would = self::howMany($whole, $largest);

        return $would === null
            ? null
            : new Remedy(
                'Share it out between '.$would[0] * $would[1].' panels',
                LineChange::of([
                    'make' => 'panels',
                    'panels' => ['columns' => array_fill(0, $would[0], 1), 'rows' => $would[1] === 1 ? null : array_fill(0, $would[1], 1)],
                ]),
            );
    }

    private static function size(Box $box, Size $as): Size
    {
        return Size::of(
            Length::ofNanometres(max(1, $box->width), $as->width->unit),
            Length::ofNanometres(max(1, $box->height), $as->height->unit),
        );
    }
}
