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

/**
 * Says what a face loses when the picture itself runs on round the bar.
 *
 * @implements Check<CanvasWanted, Wrap>
 */
final class FaceLoses implements Check
{
    private const LITTLE = 0.25;

    public function judge(LineContext $at): ?Finding
    {
        $layout = $at->plan?->layout;
        if ($layout === null || $at->line->wanted->edge !== EdgeFill::RunsOn) {
            return null;
        }
        $image = $layout->image;
        $lost = 1 - ($layout->size->width->nanometres / $image->width) * ($layout->size->height->nanometres / $image->height);
        $title = Figure::percent($lost).' of the window goes round the bar';
        $text = SidesPhrase::length($layout->own->around(), $layout->size->width->unit).' of picture on every side is not on the face.';

        return $lost > self::LITTLE
            ? Finding::look(
                'face-loses-much',
                $title,
                $text,
                new Remedy('Mirror the edge instead', LineChange::of(['canvas' => ['edge' => null]])),
            )
            : Finding::fine('face-loses', $title, $text);
    }
}
