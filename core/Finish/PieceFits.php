<?php

declare(strict_types=1);

namespace Planisher\Finish;

use Planisher\Finding\Check;
use Planisher\Finding\Finding;
use Planisher\Line\OnASheet;
use Planisher\Measure\Box;
use Planisher\Measure\Length;
use Planisher\Measure\Size;
use Planisher\Phrase\WordRow;
use Planisher\Plan\InPieces;
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
        if ($size === null) {
            return null;
        }
        $own = $at->plan?->layout->own;
        $pieces = $own instanceof InPieces ? $own->pieces() : ['' => Box::ofSize($size)];
        $had = self::isHad(array_map(fn (Box $piece): Size => self::size($piece, $size), $pieces), $at);
        if ($had !== null || $largest === null) {
            return $had;
        }
        foreach ($pieces as $which => $piece) {
            if (! $largest->holds(self::size($piece, $size))) {
                return self::tooLarge($at, $which, $piece, $size, $largest);
            }
        }

        return $own instanceof InPieces
            ? Finding::fine('pieces-fit', 'The lab makes pieces so large', "Its largest is {$largest->label()}.")
            : null;
    }

    /** @param  string  $which  of several pieces; empty of one */
    private static function tooLarge(LineContext $at, string $which, Box $piece, Size $size, Size $largest): Finding
    {
        $shared = Finishes::sharing()->fewest($size, $largest);
        $way = match (true) {
            $which === '' => 'Choose a smaller size, or panels.',
            $shared === null => 'No number of panels would do.',
            default => "{$shared->words} would do.",
        };

        return Finding::stops(
            'piece-too-large',
            $which === '' ? 'Larger than the lab makes' : "{$which} is larger than the lab makes",
            self::size($piece, $size)->label().
                " doesn’t fit {$at->lab->name}’s largest piece, {$largest->label()}: it is ".
                self::over($piece, $largest, $size).
                " too large. {$way}",
            $shared?->remedy,
        );
    }

    /**
     * A product that is had in sizes of its own is had in no other; of what is laid on sheets its list of sizes is asked by itself.
     *
     * @param  array<string, Size>  $pieces
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

    private static function size(Box $box, Size $as): Size
    {
        return Size::of(
            Length::ofNanometres(max(1, $box->width), $as->width->unit),
            Length::ofNanometres(max(1, $box->height), $as->height->unit),
        );
    }
}
