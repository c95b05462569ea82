<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Line\EdgeFill;
use Planisher\Measure\Figure;
use Planisher\Telling\Sides;

/** Says what a face loses when the picture itself runs on round the bar. */
final class FaceLoses implements Check
{
    private const LITTLE = 0.25;

    public function look(Situation $at): ?Finding
    {
        $layout = $at->plan?->layout;
        if ($layout?->wrap === null || $at->line->canvas?->edge !== EdgeFill::RunsOn) {
            return null;
        }
        $image = $layout->image;
        $lost = 1 - ($layout->paper->width->nanometres / $image->width) * ($layout->paper->height->nanometres / $image->height);
        $title = Figure::percent($lost).' of the window goes round the bar';
        $text = Sides::length($layout->wrap->around(), $layout->paper->width->unit).' of picture on every side is not on the face.';

        return $lost > self::LITTLE
            ? Finding::look('face-loses-much', $title, $text, new Remedy('Mirror the edge instead', ['canvas' => ['edge' => null]]))
            : Finding::fine('face-loses', $title, $text);
    }
}
