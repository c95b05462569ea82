<?php

declare(strict_types=1);

namespace Planisher\Finish\Panels;

use Planisher\Finding\Check;
use Planisher\Finding\Finding;
use Planisher\Plan\LineContext;

/**
 * Tells of words and overlays that a joint of panels goes through.
 *
 * @implements Check<PanelsWanted, PanelGrid>
 */
final class AddedClearsJoints implements Check
{
    public function judge(LineContext $at): ?Finding
    {
        $grid = $at->plan?->layout->own;
        if ($grid === null || $at->plan === null) {
            return null;
        }
        foreach ($at->plan->added->named($at->line) as [$name, $box, $coversAll]) {
            foreach ([[$grid->columns, $box->x, $box->right()], [$grid->rows, $box->y, $box->bottom()]] as [$spans, $from, $to]) {
                foreach ($coversAll ? [] : PanelGrid::joints($spans) as [$start, $end]) {
                    if ($from < $end && $start < $to) {
                        return Finding::look(
                            'added-on-joint',
                            "A joint goes through {$name}",
                            'It is shared out over the panels with the picture. Move it, or see that it is meant.',
                        );
                    }
                }
            }
        }

        return null;
    }
}
