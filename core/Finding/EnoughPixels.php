<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Line\LineChange;
use Planisher\Measure\Figure;
use Planisher\Measure\Length;
use Planisher\Measure\Size;
use Planisher\Measure\Unit;
use Planisher\Plan\LineContext;
use Planisher\Plan\Part;
use Planisher\Plan\Plan;
use Planisher\Plan\SharpnessGrade;

/** Judges the picture's own pixels at the size. */
final class EnoughPixels implements Check
{
    /** From where something on a wall is looked at, where nobody has said; common practice, no source. */
    private const SEEN_FROM = '150 cm';

    /** What is shorter is held in the hand; common practice, no source. */
    private const HANGS_FROM_INCHES = 12;

    public function judge(LineContext $at): ?Finding
    {
        if ($at->plan === null) {
            return null;
        }
        $part = $at->plan->softest();
        $sharpness = $part->sharpness;
        $from = $at->line->viewedFrom->unit ?? $at->plan->size()->unit();
        $unit = $from === Unit::Millimetre ? Unit::Centimetre : $from;
        $ppi = Figure::decimal($sharpness->ppi, $sharpness->ppi < 10 ? 1 : 0).Figure::THIN_SPACE.'ppi';
        $distance = Figure::distance($sharpness->sharpFromInches(), $unit);
        $from = Figure::distance($sharpness->fromInches, $unit);
        $aim = $at->lab->resolution->label();
        $least = Figure::decimal($at->lab->minimumPpi, 0).Figure::THIN_SPACE.'ppi';

        return match ($sharpness->enough) {
            SharpnessGrade::Plenty => Finding::fine('pixels-plenty', 'Plenty of pixels', "{$ppi} at this size; the lab aims at {$aim}."),
            SharpnessGrade::Enough => Finding::fine(
                'pixels-enough',
                'Enough pixels',
                "{$ppi}: less than the lab’s {$aim}, but sharp from {$distance}, and it is looked at from {$from}.",
            ),
            SharpnessGrade::Soft => Finding::look(
                'pixels-soft',
                'It may look soft',
                "{$ppi}: sharp only from {$distance}, and it is looked at from {$from}. The lab prints from {$least}.",
            )->mendedBy([self::loosen($part), self::onTheWall($at)]),
            SharpnessGrade::TooFew => Finding::stops(
                'pixels-too-few',
                'Too few pixels',
                "{$ppi}, and {$at->lab->name} prints from {$least}. ".self::largest($part),
            )->mendedBy([self::loosen($part), self::smaller($at), self::onTheWall($at)]),
        };
    }

    /** A window that was drawn tight is the first thing to let go. */
    private static function loosen(Part $part): ?Remedy
    {
        return $part->wanted->tight > 1.01 ? new Remedy('Loosen the window', LineChange::of(['window' => ['tight' => 1]])) : null;
    }

    /** The largest size of the lab that it has pixels enough for; a piece for the wall is made to measure. */
    private static function smaller(LineContext $at): ?Remedy
    {
        if ($at->line->isForTheWall()) {
            return null;
        }
        $now = $at->plan?->size()->areaSquareInches() ?? 0.0;
        $sizes = array_filter($at->lab->sizes, fn (Size $size): bool => $size->areaSquareInches() < $now);
        usort($sizes, fn (Size $a, Size $b): int => $b->areaSquareInches() <=> $a->areaSquareInches());
        $carries = fn (Plan $plan): bool => $plan->softest()->sharpness->enough !== SharpnessGrade::TooFew;
        foreach ($sizes as $size) {
            $change = LineChange::of(['size' => (string) $size]);
            if ($at->changedBy($change, $carries)) {
                return new Remedy("Make it {$size->label()}, the largest it carries", $change);
            }
        }

        return null;
    }

    /** From across a room fewer pixels are sharp. */
    private static function onTheWall(LineContext $at): ?Remedy
    {
        $size = $at->plan?->size();
        if ($size === null || $at->line->viewedFrom !== null || $size->landscape()->width->inches() < self::HANGS_FROM_INCHES) {
            return null;
        }
        $change = LineChange::of(['viewedFrom' => self::SEEN_FROM]);
        $isSharp = fn (Plan $plan): bool => in_array(
            $plan->softest()->sharpness->enough,
            [SharpnessGrade::Enough, SharpnessGrade::Plenty],
            true,
        );

        return $at->changedBy($change, $isSharp) ? new Remedy('It hangs on a wall, seen from 1.5 m', $change) : null;
    }

    private static function largest(Part $part): string
    {
        $share = $part->sharpness->ppi / $part->sharpness->least;
        $unit = $part->size->width->unit === Unit::Millimetre ? Unit::Centimetre : $part->size->width->unit;
        // Rounded down: a size said to be carried must be.
        $step = intdiv($unit->nanometres(), 10);
        $side = fn (int $nanometres): Length => Length::ofNanometres(intdiv((int) ($nanometres * $share + 0.5), $step) * $step, $unit);

        return "This part carries at most {$side($part->image->width)->number} × {$side($part->image->height)}.";
    }
}
