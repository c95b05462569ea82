<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Plan\Layout;
use Planisher\Plan\LineContext;

/** Tells of the bleed that the lab asks for, and what fills it. */
final class BleedAdded implements Check
{
    public function judge(LineContext $at): ?Finding
    {
        $layout = $at->plan?->layout;
        $bleed = $at->lab->bleed;
        if ($layout === null || $bleed === null || $layout->bleed === 0) {
            return null;
        }

        return Finding::fine(
            'bleed-added',
            "{$bleed->label()} of bleed all round",
            "{$at->lab->name} trims it off. ".self::filledBy($layout),
        );
    }

    private static function filledBy(Layout $layout): string
    {
        return $layout->image->x < 0 ? 'The picture goes on into it.' : 'It is paper.';
    }
}
