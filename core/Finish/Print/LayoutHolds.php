<?php

declare(strict_types=1);

namespace Planisher\Finish\Print;

use Planisher\Finding\Check;
use Planisher\Finding\Finding;
use Planisher\Finding\Remedy;
use Planisher\Line\LineChange;
use Planisher\Phrase\SidesPhrase;
use Planisher\Plan\LineContext;

/**
 * Says what is wanted of the paper and can't be had, and what the layout does instead.
 *
 * @implements Check<PrintWanted, PrintLayout>
 */
final class LayoutHolds implements Check
{
    public function judge(LineContext $at): ?Finding
    {
        $layout = $at->plan?->layout->own;
        $print = $at->line->wanted;
        if ($layout === null) {
            return null;
        }
        $paper = (string) $at->plan?->size()->label();

        return match (true) {
            $layout->has(PrintFlaw::MarginsTooLarge) => Finding::stops(
                'margins-too-large',
                'The border leaves no room',
                "{$print->border->label()} on {$paper} leaves nothing for the picture. It is drawn without; make it smaller.",
                new Remedy('Leave the border away', LineChange::without('border')),
            ),
            $layout->has(PrintFlaw::ImageTooLarge) => Finding::look(
                'image-too-large',
                'The image is larger than the paper',
                "{$print->image?->label()} doesn’t fit {$paper}. It is made as large as the paper holds.",
                new Remedy('As large as fits', LineChange::without('image')),
            ),
            $layout->has(PrintFlaw::RaisedTooFar) => Finding::look(
                'raised-too-far',
                'Raised beyond the free room',
                "{$print->raise->by->label()} is more than the ".
                    SidesPhrase::length($layout->raiseRoom, $print->raise->by->unit).
                    ' above the image. It lies at the paper’s edge.',
                new Remedy('At the optical centre', LineChange::of(['raise' => 'optical'])),
            ),
            default => null,
        };
    }
}
