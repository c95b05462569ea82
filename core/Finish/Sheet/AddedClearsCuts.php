<?php

declare(strict_types=1);

namespace Planisher\Finish\Sheet;

use Planisher\Finding\Check;
use Planisher\Finding\Finding;
use Planisher\Plan\LineContext;

/**
 * Tells of words and overlays of a whole sheet that are cut through when its prints are cut apart.
 *
 * @implements Check<SheetWanted, SheetLayout>
 */
final class AddedClearsCuts implements Check
{
    public function judge(LineContext $at): ?Finding
    {
        $layout = $at->plan?->layout->own;
        if ($layout === null || $at->plan === null) {
            return null;
        }
        foreach ($at->plan->added->named($at->line) as [$name, $box]) {
            foreach ($layout->cells as $cell) {
                if ($box->meets($cell->spot->box) && ! $box->liesIn($cell->spot->box)) {
                    return Finding::look(
                        'added-on-cut',
                        "A cut goes through {$name}",
                        'It lies on the whole sheet, and is parted when the prints are cut apart. Give it to one cell, or move it.',
                    );
                }
            }
        }

        return null;
    }
}
