<?php

declare(strict_types=1);

namespace Planisher\Finish\Sheet;

use Planisher\Finding\Check;
use Planisher\Finding\Finding;
use Planisher\Finding\Remedy;
use Planisher\Line\LineChange;
use Planisher\Measure\Size;
use Planisher\Phrase\SidesPhrase;
use Planisher\Phrase\WordRow;
use Planisher\Plan\LineContext;
use Planisher\Plan\Plan;

/**
 * Stops a cell that is larger than the sheet leaves room for, and asks for a look where no two cells share a sheet.
 *
 * @implements Check<SheetWanted, SheetLayout>
 */
final class CellsFit implements Check
{
    public function judge(LineContext $at): ?Finding
    {
        $wanted = $at->line->wanted;
        if (CellsArranged::prints($wanted->cells) === []) {
            return null; // that is told of its cells
        }
        $sheet = $wanted->sheet($at->lab) ?? $at->lab->largest();
        $arrangement = $wanted->arrangement($at->lab);
        if ($arrangement === null) {
            return self::tooLarge($wanted, $sheet, $at);
        }
        $prints = count($arrangement->spots);

        return $prints > 1 && $arrangement->sheets() === $prints
            ? Finding::look(
                'nothing-shared',
                'No two prints share a sheet',
                WordRow::number($prints)." prints take as many sheets of {$sheet->label()}.",
                self::closer($wanted, $at),
            )
            : null;
    }

    private static function tooLarge(SheetWanted $wanted, Size $sheet, LineContext $at): ?Finding
    {
        $margin = $wanted->margin->nanometres;
        foreach ($wanted->cells as $place => $cell) {
            [$wide, $high] = self::over($cell->size(), $sheet, $margin);
            if ($wide <= 0 && $high <= 0) {
                continue;
            }
            $by = max($wide, $high);
            $within = $margin === 0 ? '' : " within a margin of {$wanted->margin->label()}";

            return Finding::stops(
                'cell-too-large',
                'Cell '.($place + 1).' is larger than the sheet',
                "{$cell->size()->label()} doesn’t fit {$sheet->label()}{$within}: it is ".
                    SidesPhrase::length($by, SidesPhrase::fine($sheet->width->unit)).
                    ' too large, either way up.',
                self::closer($wanted, $at),
            );
        }

        return null;
    }

    /** @return array{int, int} by how much it is too wide and too high, the way up that is nearer to fitting */
    private static function over(Size $cell, Size $sheet, int $margin): array
    {
        $over = fn (Size $of): array => [
            $of->width->nanometres - $sheet->width->nanometres + 2 * $margin,
            $of->height->nanometres - $sheet->height->nanometres + 2 * $margin,
        ];
        [$one, $other] = [$over($cell), $over($cell->turned())];

        return max($one) <= max($other) ? $one : $other;
    }

    /**
     * What would have them fit: no margin or gutter, else a larger sheet.
     *
     * @param  LineContext<SheetWanted, SheetLayout>  $at
     */
    private static function closer(SheetWanted $wanted, LineContext $at): ?Remedy
    {
        $now = $wanted->arrangement($at->lab)?->sheets() ?? PHP_INT_MAX;
        $none = LineChange::of([SheetWanted::NAME => ['gutter' => null, 'margin' => null]]);
        $remedies = [new Remedy('Leave gutter and margin away', $none)];
        foreach (SheetOffers::all($wanted, $at->lab) as $offer) {
            $remedies[] = new Remedy("Take {$offer->size->label()}", LineChange::of(['size' => (string) $offer->size]));
        }

        return Remedy::firstOf($remedies, $at, fn (Plan $plan): bool => $plan->layout->own->arrangement->sheets() < $now);
    }
}
