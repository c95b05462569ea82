<?php

declare(strict_types=1);

namespace Planisher\Finish\Sheet;

use Planisher\Finding\Check;
use Planisher\Finding\Finding;
use Planisher\Finding\Remedy;
use Planisher\Line\LineChange;
use Planisher\Measure\Length;
use Planisher\Measure\Unit;
use Planisher\Phrase\SidesPhrase;
use Planisher\Plan\LineContext;
use Planisher\Plan\MarkedOnPaper;
use Planisher\Plan\Plan;

/** Asks for a look where what must stay in comes so near to a cut that a trimmer may take some of it. */
final class MarkedClearsCuts implements Check
{
    /** How well one cuts by hand (common practice, no source) */
    private const CLEAR_MM = '1';

    public function judge(LineContext $at): ?Finding
    {
        $nearest = $at->plan === null ? null : self::nearest($at->plan);
        if ($nearest === null || $at->plan === null || $nearest < 0 || $nearest >= self::clear()) {
            return null;
        }
        $change = LineChange::without('window');
        $helps = $at->changedBy($change, fn (Plan $plan): bool => (self::nearest($plan) ?? 0) >= self::clear());

        return Finding::look(
            'must-stay-in-near-cut',
            'What must stay in lies at a cut',
            'The nearest is '.
                SidesPhrase::length($nearest, SidesPhrase::fine($at->plan->size()->width->unit)).
                ' away, and one cuts by hand.',
            $helps ? new Remedy('Move the window so that it is clear', $change) : null,
        );
    }

    /** In nanometres inside the paper's edge; null when nothing is marked. */
    private static function nearest(Plan $plan): ?int
    {
        return MarkedOnPaper::nearest(MarkedOnPaper::all($plan), $plan->layout->box())[0] ?? null;
    }

    private static function clear(): int
    {
        return Length::of(self::CLEAR_MM, Unit::Millimetre)->nanometres;
    }
}
