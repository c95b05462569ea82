<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Plan\LineContext;
use Planisher\Plan\MarkedOnPaper;

/** Tells of words and overlays that lie over what must stay in. */
final class AddedClearsMarked implements Check
{
    public function judge(LineContext $at): ?Finding
    {
        $plan = $at->plan;
        if ($plan === null) {
            return null;
        }
        foreach (MarkedOnPaper::all($plan) as $marked) {
            foreach ($plan->added->named($at->line) as [$name, $box]) {
                if ($box->meets($marked->box)) {
                    return self::covered($name, $marked);
                }
            }
        }

        return null;
    }

    /** @param  string  $name  of what covers it */
    public static function covered(string $name, MarkedOnPaper $marked): Finding
    {
        return Finding::look(
            'added-over-marked',
            "{$name} lies over “{$marked->area->label}”",
            'It was marked as what must stay in, and would be covered. Move one of them.',
        );
    }
}
