<?php

declare(strict_types=1);

namespace Planisher\Finish\Canvas;

use Planisher\Finding\Check;
use Planisher\Finding\Finding;
use Planisher\Finding\Remedy;
use Planisher\Line\LineChange;
use Planisher\Phrase\SidesPhrase;
use Planisher\Plan\Layer\EdgeFill;
use Planisher\Plan\LineContext;
use Planisher\Plan\MarkedOnPaper;

/**
 * Says when an edge that repeats the face would show something marked a second time.
 *
 * @implements Check<CanvasWanted, Wrap>
 */
final class MarkedNotDoubled implements Check
{
    public function judge(LineContext $at): ?Finding
    {
        [$plan, $edge] = [$at->plan, $at->line->wanted->edge];
        $nearest = $plan === null ? null : MarkedOnPaper::nearest(MarkedOnPaper::all($plan), $plan->layout->box());
        if ($plan === null || $nearest === null || $nearest[0] >= self::reach($plan->layout->own, $edge)) {
            return null;
        }
        [$distance, $one, $side] = $nearest;
        $unit = SidesPhrase::fine($plan->size()->width->unit);
        $drawnOut = $distance >= self::reach($plan->layout->own, EdgeFill::DrawnOut);

        return Finding::look(
            'must-stay-in-doubled',
            "The edge repeats part of “{$one->area->label}”",
            'It lies '.
                SidesPhrase::length(max(0, $distance), $unit).
                ' from the fold '.
                SidesPhrase::on($side).
                ", and the edge, {$edge->label()}, shows it a second time.",
            $edge === EdgeFill::Mirrored && $drawnOut
                ? new Remedy('Draw the edge out instead', LineChange::of(['canvas' => ['edge' => EdgeFill::DrawnOut->value]]))
                : new Remedy('Make the edge one colour', LineChange::of(['canvas' => ['edge' => EdgeFill::OneColour->value]])),
        );
    }

    /** How deep into the face the edge takes from. */
    private static function reach(Wrap $wrap, EdgeFill $edge): int
    {
        return match ($edge) {
            EdgeFill::Mirrored => $wrap->around(),
            EdgeFill::DrawnOut => intdiv($wrap->around(), 10),
            EdgeFill::RunsOn, EdgeFill::OneColour => 0,
        };
    }
}
