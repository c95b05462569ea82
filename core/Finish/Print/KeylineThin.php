<?php

declare(strict_types=1);

namespace Planisher\Finish\Print;

use Planisher\Finding\Check;
use Planisher\Finding\Finding;
use Planisher\Finding\Remedy;
use Planisher\Line\LineChange;
use Planisher\Measure\Side;
use Planisher\Plan\LineContext;

/**
 * Asks for a look when the line round an image is wider than the border it stands in, or hides a good part of the picture.
 *
 * @implements Check<PrintWanted, PrintLayout>
 */
final class KeylineThin implements Check
{
    private const MOST_OF_THE_IMAGE = 0.05;

    public function judge(LineContext $at): ?Finding
    {
        $keyline = $at->line->wanted->keyline;
        $layout = $at->plan?->layout;
        if ($keyline === null || $layout === null) {
            return null;
        }
        $wide = $keyline->width->nanometres;
        $margins = array_filter(array_map($layout->margin(...), Side::cases()), fn (int $margin): bool => $margin > 0);
        $hides = $wide > self::MOST_OF_THE_IMAGE * min($layout->image->width, $layout->image->height);
        if (! $hides && ($margins === [] || $wide <= min($margins))) {
            return null;
        }

        return Finding::look(
            'keyline-wide',
            'The line is wide',
            $hides
                ? "{$keyline->width->label()} all round hides a good part of the picture. See that its unit is right."
                : "{$keyline->width->label()} is wider than the border it stands in.",
            new Remedy('Make it 0.01 in', LineChange::of(['keyline' => ['width' => null]])),
        );
    }
}
