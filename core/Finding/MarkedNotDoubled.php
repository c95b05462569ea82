<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Line\EdgeFill;
use Planisher\Picture\PictureFacts;
use Planisher\Plan\MarkedOnPaper;
use Planisher\Plan\Plan;
use Planisher\Plan\Wrap;
use Planisher\Telling\Sides;

/** Says when an edge that repeats the face would show something marked a second time. */
final class MarkedNotDoubled implements Check
{
    public function look(Situation $at): ?Finding
    {
        [$plan, $picture, $edge] = [$at->plan, $at->facts(), $at->line->canvas?->edge];
        if ($plan === null || $picture === null || $edge === null || ! self::doubles($plan, $picture, $edge)) {
            return null;
        }
        [$distance, $one, $side] = MarkedOnPaper::nearest(MarkedOnPaper::all($plan, $picture), $plan->layout->box()) ?? throw new \LogicException('Something is doubled.');
        $unit = Sides::fine($plan->paper()->width->unit);
        $drawnOut = ! self::doubles($plan, $picture, EdgeFill::DrawnOut);

        return Finding::look(
            'must-stay-in-doubled',
            "The edge repeats part of “{$one->area->label}”",
            'It lies '.Sides::length(max(0, $distance), $unit).' from the fold '.Sides::on($side).", and the edge, {$edge->label()}, shows it a second time.",
            $edge === EdgeFill::Mirrored && $drawnOut
                ? new Remedy('Draw the edge out instead', ['canvas' => ['edge' => EdgeFill::DrawnOut->value]])
                : new Remedy('Make the edge one colour', ['canvas' => ['edge' => EdgeFill::OneColour->value]]),
        );
    }

    private static function doubles(Plan $plan, PictureFacts $picture, EdgeFill $edge): bool
    {
        $nearest = MarkedOnPaper::nearest(MarkedOnPaper::all($plan, $picture), $plan->layout->box())[0] ?? null;

        return $nearest !== null && $plan->layout->wrap !== null && $nearest < self::reach($plan->layout->wrap, $edge);
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
