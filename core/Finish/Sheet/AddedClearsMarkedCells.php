<?php

declare(strict_types=1);

namespace Planisher\Finish\Sheet;

use Planisher\Finding\AddedClearsMarked;
use Planisher\Finding\Check;
use Planisher\Finding\Finding;
use Planisher\Plan\LineContext;
use Planisher\Plan\MarkedOnPaper;

/**
 * Tells of words and overlays of a whole sheet that lie over what must stay in of one of its prints.
 *
 * @implements Check<SheetWanted, SheetLayout>
 */
final class AddedClearsMarkedCells implements Check
{
    public function judge(LineContext $at): ?Finding
    {
        $named = $at->plan?->added->named($at->line) ?? [];
        foreach ($at->plan === null || $named === [] ? [] : $at->plan->layout->own->cells as $cell) {
            foreach ($cell->plan === null ? [] : MarkedOnPaper::all($cell->plan) as $marked) {
                foreach ($named as [$name, $box]) {
                    if ($box->meets($cell->onSheet($marked->box))) {
                        return AddedClearsMarked::covered($name, $marked);
                    }
                }
            }
        }

        return null;
    }
}
