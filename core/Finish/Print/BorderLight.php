<?php

declare(strict_types=1);

namespace Planisher\Finish\Print;

use Planisher\Finding\Check;
use Planisher\Finding\Finding;
use Planisher\Finding\Remedy;
use Planisher\Line\LineChange;
use Planisher\Measure\Figure;
use Planisher\Plan\LineContext;

/**
 * Asks for a look when most of the paper is border: a border of 3 px typed as 3 in.
 *
 * @implements Check<PrintWanted, PrintLayout>
 */
final class BorderLight implements Check
{
    private const MOST = 0.5;

    public function judge(LineContext $at): ?Finding
    {
        $layout = $at->plan?->layout;
        $border = $at->line->wanted->border;
        if ($layout === null || $border === null || $border->isNone()) {
            return null;
        }
        $share =
            1 - ($layout->image->width / $layout->size->width->nanometres) * ($layout->image->height / $layout->size->height->nanometres);

        return $share <= self::MOST
            ? null
            : Finding::look(
                'border-heavy',
                Figure::percent($share).' of the paper is border',
                "{$border->label()} on {$layout->size->label()}. See that its unit is right.",
                new Remedy('Leave the border away', LineChange::without('border')),
            );
    }
}
