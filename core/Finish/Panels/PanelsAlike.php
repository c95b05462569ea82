<?php

declare(strict_types=1);

namespace Planisher\Finish\Panels;

use Planisher\Finding\Check;
use Planisher\Finding\Finding;
use Planisher\Finding\Remedy;
use Planisher\Line\LineChange;
use Planisher\Measure\Length;
use Planisher\Plan\LineContext;

/**
 * Tells how many panels of which size there are, so that equal ones are ordered equal.
 *
 * @implements Check<PanelsWanted, PanelGrid>
 */
final class PanelsAlike implements Check
{
    public function judge(LineContext $at): ?Finding
    {
        $grid = $at->plan?->layout->own;
        $paper = $at->plan?->size();
        if ($grid === null || $paper === null) {
            return null;
        }
        if (count($grid->panels()) === 1) {
            return Finding::look(
                'panels-one',
                'One panel is no set',
                'Share it out, or make it a print.',
                new Remedy('Make it a print', LineChange::of(['make' => 'print', 'panels' => null])),
            );
        }
        $label = fn (int $nanometres): Length => Length::ofNanometres($nanometres, $paper->width->unit);
        $sizes = array_count_values(
            array_map(
                fn (Panel $panel): string => "{$label($panel->box->width)->number} × {$label($panel->box->height)->label()}",
                $grid->panels(),
            ),
        );
        $said = implode(', ', array_map(fn (string $size, int $count): string => "{$count} of {$size}", array_keys($sizes), $sizes));

        return count($sizes) === 1
            ? Finding::fine('panels-alike', 'All panels are alike', "{$said}, one colour space, one kind of file.")
            : Finding::fine('panels-of-sizes', 'Panels of '.count($sizes).' sizes', "{$said}. All else of them is alike.");
    }
}
