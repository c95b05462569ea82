<?php

declare(strict_types=1);

namespace Planisher\Finish\Panels;

use Planisher\Measure\Length;
use Planisher\Measure\Size;
use Planisher\Measure\Unit;
use Planisher\Plan\LineContext;
use Planisher\Plan\Sharpness;

/**
 * The largest wall piece of these proportions that a picture and a lab can give: bounded by the lab's pieces and by the
 * picture's pixels.
 */
final class WallSize
{
    /**
     * Rounded down, so that what is said can be had.
     *
     * @param  LineContext<PanelsWanted, PanelGrid>  $at
     */
    public static function largest(LineContext $at): ?Size
    {
        $plan = $at->plan;
        if ($plan === null) {
            return null;
        }
        $grid = $plan->layout->own;
        $paper = $plan->size();
        $byPixels = self::byPixels($at);
        $byLab = null;
        $piece = $at->lab->largestPieceOf($at->line->printedOn());
        if ($piece !== null) {
            [$wide, $high] = [max(array_column($grid->columns, 'length')), max(array_column($grid->rows, 'length'))];
            $fits = fn (Size $size): float => min($size->width->nanometres / $wide, $size->height->nanometres / $high);
            $byLab = max($fits($piece), $fits($piece->turned()));
        }
        $times = $byPixels === null ? $byLab : ($byLab === null ? $byPixels : min($byPixels, $byLab));
        if ($times === null) {
            return null;
        }
        $unit = $paper->width->unit === Unit::Millimetre ? Unit::Centimetre : $paper->width->unit;
        $down = fn (int $nanometres): Length => Length::ofNanometres(
            max(1, intdiv((int) ($nanometres * $times + 1000), intdiv($unit->nanometres(), 10))) * intdiv($unit->nanometres(), 10),
            $unit,
        );

        return Size::of($down($paper->width->nanometres), $down($paper->height->nanometres));
    }

    /**
     * How many times as large the picture's pixels would do. Looked at from its own diagonal a piece needs as many pixels
     * whatever its size, so those that are enough once are always; from a fixed distance it needs so many an inch.
     */
    private static function byPixels(LineContext $at): ?float
    {
        $sharpness = $at->plan?->softest()->sharpness;
        if ($sharpness === null) {
            return null;
        }
        $needed = Sharpness::ppiNeededAt($sharpness->fromInches);
        if ($at->line->viewedFrom !== null) {
            return $sharpness->ppi / min($needed, $at->lab->minimumPpi);
        }

        return $sharpness->ppi >= $needed ? null : $sharpness->ppi / $at->lab->minimumPpi;
    }
}
