<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Measure\Figure;
use Planisher\Measure\Length;
use Planisher\Measure\Unit;
use Planisher\Plan\Enough;

/** Judges the picture's own pixels at the size. */
final class EnoughPixels implements Check
{
    public function look(Situation $at): ?Finding
    {
        $plan = $at->plan;
        if ($plan === null) {
            return null;
        }
        $ppi = Figure::decimal($plan->sharpness->ppi, $plan->sharpness->ppi < 10 ? 1 : 0).Figure::THIN_SPACE.'ppi';
        $distance = Figure::distance($plan->sharpness->sharpFromInches() * 2.54);
        $from = Figure::distance($plan->sharpness->fromInches * 2.54);
        $aim = $at->lab->resolution->label();
        $least = Figure::decimal($at->lab->minimumPpi, 0).Figure::THIN_SPACE.'ppi';

        return match ($plan->sharpness->enough) {
            Enough::Plenty => Finding::fine('pixels-plenty', 'Plenty of pixels', "{$ppi} at this size; the lab aims at {$aim}."),
            Enough::Enough => Finding::fine('pixels-enough', 'Enough pixels', "{$ppi}: less than the lab’s {$aim}, but sharp from {$distance}, and it is looked at from {$from}."),
            Enough::Soft => Finding::look('pixels-soft', 'It may look soft', "{$ppi}: sharp only from {$distance}, and it is looked at from {$from}. The lab prints from {$least}.", $this->loosen($at)),
            Enough::TooFew => Finding::stops('pixels-too-few', 'Too few pixels', "{$ppi}, and {$at->lab->name} prints from {$least}. {$this->largest($at)}", $this->loosen($at)),
        };
    }

    /** A window that was drawn tight is the first thing to let go. */
    private function loosen(Situation $at): ?Remedy
    {
        return ($at->plan->wanted->tight ?? 1) > 1.01
            ? new Remedy('Loosen the window', ['window' => ['tight' => 1]])
            : null;
    }

    private function largest(Situation $at): string
    {
        $plan = $at->plan;
        if ($plan === null) {
            return '';
        }
        $share = $plan->sharpness->ppi / $plan->sharpness->least;
        $unit = $plan->paper()->width->unit === Unit::Millimetre ? Unit::Centimetre : $plan->paper()->width->unit;
        // Rounded down: a size said to be carried must be.
        $step = intdiv($unit->nanometres(), 10);
        $side = fn (int $nanometres): Length => Length::ofNanometres(intdiv((int) ($nanometres * $share + 0.5), $step) * $step, $unit);

        return "This part carries at most {$side($plan->layout->image->width)->number} × {$side($plan->layout->image->height)}.";
    }
}
