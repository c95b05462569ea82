<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Measure\Box;
use Planisher\Picture\PictureFacts;
use Planisher\Plan\MarkedOnPaper;
use Planisher\Plan\Plan;
use Planisher\Telling\Sides;

/**
 * Measures each area that must stay in against the cut (the window's edge, and the trim where the lab takes off bleed or
 * the print is cut out of its carrier) and against what a frame covers. Folds and joints have checks of their own.
 */
final class MarkedStaysIn implements Check
{
    public function look(Situation $at): ?Finding
    {
        [$plan, $picture] = [$at->plan, $at->facts()];
        if ($plan === null || $picture === null || $at->line->canvas !== null) {
            return null;
        }
        $nearest = MarkedOnPaper::nearest(MarkedOnPaper::all($plan, $picture), self::kept($plan));
        if ($nearest === null) {
            return null;
        }
        [$distance, $one, $side] = $nearest;
        $unit = Sides::fine($plan->paper()->width->unit);
        if ($distance < 0) {
            return Finding::stops(
                'must-stay-in-cut',
                "“{$one->area->label}” is cut",
                Sides::length(-$distance, $unit).' of it is lost '.Sides::on($side).'. '
                    .($at->changedBy(['window' => null], self::holds(...)) ? 'A window that holds it can be had.' : 'No window of this shape holds all that must stay in.'),
                self::mend($at),
            );
        }
        $cover = $at->line->print->frameCover->nanometres ?? 0;
        [$free, $covered, $where] = MarkedOnPaper::nearest(MarkedOnPaper::all($plan, $picture), $plan->layout->box()) ?? $nearest;
        if ($free < $cover) {
            return Finding::look(
                'must-stay-in-framed',
                "A frame would cover “{$covered->area->label}”",
                "It hides {$at->line->print?->frameCover->label()} all round, and ".Sides::length($cover - $free, $unit).' of that lies over it '.Sides::on($where).'.',
                self::mend($at) ?? new Remedy('There is no frame', ['frameCover' => '0 mm']),
            );
        }

        return Finding::fine('must-stay-in-clear', 'Nothing marked is cut', 'The nearest edge is '.Sides::length($distance, $unit)." from “{$one->area->label}”.");
    }

    /** The part of the image that stays: picture beyond the paper's edge is trimmed off. */
    private static function kept(Plan $plan): Box
    {
        return $plan->layout->image->within($plan->layout->box());
    }

    private static function mend(Situation $at): ?Remedy
    {
        $isCut = $at->plan !== null && $at->facts() !== null && ! self::holds($at->plan, $at->facts());
        $cover = $at->line->print->frameCover->nanometres ?? 0;
        // Clear of cut and frame, or at least of the cut where it is cut now.
        $helps = fn (Plan $plan, PictureFacts $picture): bool => $isCut
            ? self::holds($plan, $picture)
            : (MarkedOnPaper::nearest(MarkedOnPaper::all($plan, $picture), $plan->layout->box())[0] ?? 0) >= $cover;
        $remedies = [
            'Move the window so that it stays in' => ['window' => null],
            ...($at->line->print === null ? [] : ['Print the whole picture' => ['window' => null, 'fit' => 'whole']]),
            'Turn the paper to suit' => ['window' => null, 'turn' => null],
        ];
        foreach ($remedies as $label => $change) {
            if ($at->changedBy($change, $helps)) {
                return new Remedy($label, $change);
            }
        }

        return null;
    }

    private static function holds(Plan $plan, PictureFacts $picture): bool
    {
        return (MarkedOnPaper::nearest(MarkedOnPaper::all($plan, $picture), self::kept($plan))[0] ?? 0) >= 0;
    }
}
