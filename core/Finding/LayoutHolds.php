<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Plan\LayoutFlaw;
use Planisher\Telling\Sides;

/** Says what is wanted of the paper and can't be had, and what the layout does instead. */
final class LayoutHolds implements Check
{
    public function look(Situation $at): ?Finding
    {
        $layout = $at->plan?->layout;
        $print = $at->line->print;
        if ($layout === null || $print === null) {
            return null;
        }
        $paper = "{$layout->paper->label()}";

        return match (true) {
            $layout->has(LayoutFlaw::MarginsTooLarge) => Finding::stops(
                'margins-too-large',
                'The border leaves no room',
                "{$print->border->label()} on {$paper} leaves nothing for the picture. It is drawn without; make it smaller.",
                new Remedy('Leave the border away', ['border' => null]),
            ),
            $layout->has(LayoutFlaw::ImageTooLarge) => Finding::look(
                'image-too-large',
                'The image is larger than the paper',
                "{$print->image?->label()} doesn’t fit {$paper}. It is made as large as the paper holds.",
                new Remedy('As large as fits', ['image' => null]),
            ),
            $layout->has(LayoutFlaw::RaisedTooFar) => Finding::look(
                'raised-too-far',
                'Raised beyond the free room',
                "{$print->raise->by->label()} is more than the ".Sides::length($layout->raiseRoom, $print->raise->by->unit).' above the image. It lies at the paper’s edge.',
                new Remedy('At the optical centre', ['raise' => 'optical']),
            ),
            default => null,
        };
    }
}
