<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Line\LineChange;
use Planisher\Measure\Box;
use Planisher\Measure\Length;
use Planisher\Phrase\SidesPhrase;
use Planisher\Plan\LineContext;
use Planisher\Plan\MarkedOnPaper;
use Planisher\Plan\Plan;

/**
 * Measures each area that must stay in against the cut (the window's edge, and the trim where the lab takes off bleed or
 * the print is cut out of its carrier) and against what a frame covers. Folds and joints have checks of their own.
 */
final class MarkedStaysIn implements Check
{
    /**
     * @param  ?\Closure(LineContext): ?Length  $cover  what a frame hides all round
     * @param  list<Remedy>  $remedies  of this finish alone
     */
    public function __construct(private readonly ?\Closure $cover = null, private readonly array $remedies = []) {}

    public function judge(LineContext $at): ?Finding
    {
        $plan = $at->plan;
        if ($plan === null) {
            return null;
        }
        $nearest = MarkedOnPaper::nearest(MarkedOnPaper::all($plan), self::kept($plan));
        if ($nearest === null) {
            return null;
        }
        [$distance, $one, $side] = $nearest;
        $unit = SidesPhrase::fine($plan->size()->width->unit);
        if ($distance < 0) {
            return Finding::stops(
                'must-stay-in-cut',
                "“{$one->area->label}” is cut",
                SidesPhrase::length(-$distance, $unit).
                    ' of it is lost '.
                    SidesPhrase::on($side).
                    '. '.
                    ($at->changedBy(LineChange::without('window'), self::holds(...))
                        ? 'A window that holds it can be had.'
                        : 'No window of this shape holds all that must stay in.'),
                $this->mend($at, 0),
            );
        }
        $covered = $this->cover === null ? null : ($this->cover)($at);
        $cover = $covered->nanometres ?? 0;
        [$free, $under, $where] = MarkedOnPaper::nearest(MarkedOnPaper::all($plan), $plan->layout->box()) ?? $nearest;
        if ($free < $cover) {
            return Finding::look(
                'must-stay-in-framed',
                "A frame would cover “{$under->area->label}”",
                "It hides {$covered?->label()} all round, and ".
                    SidesPhrase::length($cover - $free, $unit).
                    ' of that lies over it '.
                    SidesPhrase::on($where).
                    '.',
                $this->mend($at, $cover) ?? new Remedy('There is no frame', LineChange::of(['frameCover' => '0 mm'])),
            );
        }

        return Finding::fine(
            'must-stay-in-clear',
            'Nothing marked is cut',
            'The nearest edge is '.SidesPhrase::length($distance, $unit)." from “{$one->area->label}”.",
        );
    }

    /** The part of the image that stays: picture beyond the paper's edge is trimmed off. */
    private static function kept(Plan $plan): Box
    {
        return $plan->layout->image->within($plan->layout->box());
    }

    private function mend(LineContext $at, int $cover): ?Remedy
    {
        $isCut = $at->plan !== null && ! self::holds($at->plan);
        // Clear of cut and frame, or at least of the cut where it is cut now.
        $helps = fn (Plan $plan): bool => $isCut
            ? self::holds($plan)
            : (MarkedOnPaper::nearest(MarkedOnPaper::all($plan), $plan->layout->box())[0] ?? 0) >= $cover;
        $remedies = [
            new Remedy('Move the window so that it stays in', LineChange::without('window')),
            ...$this->remedies,
            new Remedy('Turn the paper to suit', LineChange::without('window', 'turn')),
        ];

        return Remedy::firstOf($remedies, $at, $helps);
    }

    private static function holds(Plan $plan): bool
    {
        return (MarkedOnPaper::nearest(MarkedOnPaper::all($plan), self::kept($plan))[0] ?? 0) >= 0;
    }
}
