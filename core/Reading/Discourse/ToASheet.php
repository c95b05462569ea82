<?php

declare(strict_types=1);

namespace Planisher\Reading\Discourse;

use Planisher\Finish\CombinesPrints;
use Planisher\Finish\Finishes;
use Planisher\Lab\LabCard;
use Planisher\Line\LineSpec;
use Planisher\OrderFile\OrderFileError;

/** Prints that share sheets, so many to each: “two to a sheet”. */
final class ToASheet
{
    /**
     * @param  non-empty-list<LineSpec>  $lines  whose prints they are, each with its copies
     * @param  int  $many  to a sheet, from 1; 0 for all on as few as they need
     * @param  string  $size  of the sheet, as CombinesPrints has it
     * @return array{array<string, mixed>, ?string} the line they become, in its order-file form, and what doesn't come out even, in words
     *
     * @throws OrderFileError
     */
    public static function laid(array $lines, int $many, string $size, LabCard $lab): array
    {
        if ($size === CombinesPrints::ONE) {
            $one = self::one($lines, $lab);

            return [
                Finishes::gathering()->gathered($lines, $one ?? CombinesPrints::CHEAPEST),
                $one === null ? 'No sheet of the lab’s holds them all. They are laid on as few of the cheapest as they need.' : null,
            ];
        }
        $copies = array_map(fn (LineSpec $line): int => $line->copies, $lines);
        $all = array_sum($copies);
        $isEven = $many > 0 && ($all === 1 || (count(array_unique($copies)) === 1 && $all % $many === 0 && $many % count($lines) === 0));
        // Of one print that is wanted once, so many are meant as lie on the sheet.
        $sheets = $isEven ? max(1, intdiv($all, $many)) : 1;
        if ($isEven) {
            $each = intdiv($many, count($lines));
            $lines = array_map(fn (LineSpec $line): LineSpec => $line->times($each), $lines);
        }

        return [
            ($sheets === 1 ? [] : ['copies' => $sheets]) + Finishes::gathering()->gathered($lines, $size),
            $many === 0 || $isEven
                ? null
                : "{$all} prints don’t come out even, {$many} to a sheet. They are laid on as few sheets as they need.",
        ];
    }

    /**
     * The cheapest that holds all of them at once, even where several of a smaller size would cost less; null where none does.
     *
     * @param  non-empty-list<LineSpec>  $lines
     */
    private static function one(array $lines, LabCard $lab): ?string
    {
        foreach (Finishes::gathering()->tried($lines, $lab) as $n => $offer) {
            if ($offer['sheets'] === 1) {
                return $n === 0 ? CombinesPrints::CHEAPEST : (string) $offer['size'];
            }
        }

        return null;
    }
}
