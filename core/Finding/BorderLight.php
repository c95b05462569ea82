<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Measure\Figure;

/** Asks for a look when most of the paper is border: a border of 3 px typed as 3 in. */
final class BorderLight implements Check
{
    private const MOST = 0.5;

    public function look(Situation $at): ?Finding
    {
        $layout = $at->plan?->layout;
        $border = $at->line->print?->border;
        if ($layout === null || $border === null || $border->isNone()) {
            return null;
        }
        $share = 1 - ($layout->image->width / $layout->paper->width->nanometres) * ($layout->image->height / $layout->paper->height->nanometres);

        return $share <= self::MOST ? null : Finding::look(
            'border-heavy',
            Figure::percent($share).' of the paper is border',
            "{$border->label()} on {$layout->paper->label()}. See that its unit is right.",
            new Remedy('Leave the border away', ['border' => null]),
        );
    }
}
