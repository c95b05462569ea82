<?php

declare(strict_types=1);

namespace Planisher\Reading\Discourse;

use Planisher\Finish\CombinesPrints;
use Planisher\Finish\Finishes;
use Planisher\Line\LineSpec;

/** Prints that share sheets, so many to each: “two to a sheet”. */
final class ToASheet
{
    /**
     * @param  non-empty-list<LineSpec>  $lines  whose prints they are, each with its copies
     * @param  int  $many  to a sheet, from 1; 0 for all on as few as they need
     * @param  string  $size  of the sheet, as CombinesPrints has it
     * @return array{array<string, mixed>, ?string} the line they become, in its order-file form, and what doesn't come out even, in words
     */
    public static function laid(array $lines, int $many, string $size = CombinesPrints::CHEAPEST): array
    {
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
}
