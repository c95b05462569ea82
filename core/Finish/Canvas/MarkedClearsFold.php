<?php

declare(strict_types=1);

namespace Planisher\Finish\Canvas;

use Planisher\Finding\Check;
use Planisher\Finding\Finding;
use Planisher\Finding\Remedy;
use Planisher\Line\LineChange;
use Planisher\Measure\Figure;
use Planisher\Phrase\SidesPhrase;
use Planisher\Plan\Layer\EdgeFill;
use Planisher\Plan\LineContext;
use Planisher\Plan\MarkedOnPaper;
use Planisher\Plan\Plan;

/**
 * Measures each area that must stay in against a canvas's folds: over one it is stopped, nearer than 5 mm it asks for a look.
 *
 * @implements Check<CanvasWanted, Wrap>
 */
final class MarkedClearsFold implements Check
{
    public function judge(LineContext $at): ?Finding
    {
        $plan = $at->plan;
        $nearest = $plan === null ? null : MarkedOnPaper::nearest(MarkedOnPaper::all($plan), $plan->layout->box());
        if ($nearest === null || $plan === null) {
            return null;
        }
        [$distance, $one, $side] = $nearest;
        $unit = SidesPhrase::fine($plan->size()->width->unit);
        $clear = CanvasPlanner::clearOfFold();
        if ($distance < 0) {
            $runsOn = $at->line->wanted->edge === EdgeFill::RunsOn;

            return Finding::stops(
                'must-stay-in-folded',
                "“{$one->area->label}” ".($runsOn ? 'goes round the bar' : 'is cut at the fold'),
                SidesPhrase::length(-$distance, $unit).
                    ' of it '.
                    ($runsOn ? 'lies beyond the fold ' : 'is lost ').
                    SidesPhrase::on($side).
                    '.',
                self::mend($at),
            );
        }

        return $distance < $clear->nanometres
            ? Finding::look(
                'must-stay-in-near-fold',
                "“{$one->area->label}” is close to a fold",
                'The fold '.
                    SidesPhrase::on($side).
                    ' is '.
                    SidesPhrase::length($distance, $unit).
                    " away; folds wander, and {$clear->label()} is the least".
                    Figure::THIN_SPACE.
                    '.',
                self::mend($at),
            )
            : Finding::fine(
                'must-stay-in-clear',
                'Nothing marked is folded',
                'The nearest fold is '.SidesPhrase::length($distance, $unit)." from “{$one->area->label}”.",
            );
    }

    private static function mend(LineContext $at): ?Remedy
    {
        $clears = function (Plan $plan): bool {
            [$distance] = MarkedOnPaper::nearest(MarkedOnPaper::all($plan), $plan->layout->box()) ?? [0];

            return $distance >= CanvasPlanner::clearOfFold()->nanometres;
        };
        $remedies = [
            new Remedy('Move the window so that it stays in', LineChange::without('window')),
            new Remedy('Mirror the edge instead', LineChange::of(['window' => null, 'canvas' => ['edge' => null]])),
            new Remedy('Turn it to suit', LineChange::without('window', 'turn')),
        ];

        return Remedy::firstOf($remedies, $at, $clears);
    }
}
