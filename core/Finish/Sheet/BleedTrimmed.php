<?php

declare(strict_types=1);

namespace Planisher\Finish\Sheet;

use Planisher\Finding\Check;
use Planisher\Finding\Finding;
use Planisher\Finding\Remedy;
use Planisher\Line\LineChange;
use Planisher\Plan\LineContext;

/**
 * Asks for a look where a lab trims its sheets and a cell lies at the very edge that it trims.
 *
 * @implements Check<SheetWanted, SheetLayout>
 */
final class BleedTrimmed implements Check
{
    public function judge(LineContext $at): ?Finding
    {
        $bleed = $at->lab->bleed;
        $layout = $at->plan?->layout->own;
        if ($bleed === null || $bleed->nanometres === 0 || $layout === null) {
            return null;
        }
        $clear = $layout->arrangement->sheet->grown(-$bleed->nanometres);
        $atEdge = array_filter($layout->cells, fn (LaidCell $cell): bool => ! $cell->spot->box->liesIn($clear));

        return $atEdge === []
            ? Finding::fine('sheet-trimmed', 'White to trim', "The lab takes {$bleed->label()} off each edge of the sheet.")
            : Finding::look(
                'cell-at-trim',
                'Cells lie where the lab trims',
                "{$at->lab->name} takes {$bleed->label()} of white off each edge, and may take or leave a hair of a cell there.",
                new Remedy("Leave {$bleed->label()} free", LineChange::of([SheetWanted::NAME => ['margin' => (string) $bleed]])),
            );
    }
}
