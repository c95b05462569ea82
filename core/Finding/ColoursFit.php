<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Measure\Figure;
use Planisher\Phrase\WordRow;
use Planisher\Plan\LineContext;

/** Says how much of a picture has colours that its file or paper can't hold, once that is measured. */
final class ColoursFit implements Check
{
    private const LITTLE = 0.02;

    public function judge(LineContext $at): ?Finding
    {
        $seen = $at->seen;
        if ($seen === null || $at->plan === null) {
            return null;
        }
        $what =
            $at->lab->paperProfile($at->line->paper) === null ? 'the file’s colour space' : "“{$at->lab->paper($at->line->paper)?->name}”";
        $product = $at->line->printedOn();
        if ($product !== null && $at->lab->paperProfile($at->line->paper) === null && $seen->outOfGamut <= self::LITTLE) {
            return Finding::fine(
                'colours-unjudged',
                "Its colours on “{$product}” can’t be judged",
                'The file’s colour space holds them. What they become there isn’t known: '.
                    'the lab’s card names no paper of it that has a profile.',
            );
        }
        $hues = $seen->hues === [] ? '' : ' Mostly '.WordRow::list($seen->hues).'.';

        return $seen->outOfGamut > self::LITTLE
            ? Finding::look(
                'colours-outside',
                Figure::percent($seen->outOfGamut).' of the colours don’t fit',
                "They are drawn in to what {$what} holds.{$hues} G hatches them.",
            )
            : Finding::fine(
                'colours-fit',
                'The colours fit',
                ucfirst($what).' holds '.($seen->outOfGamut === 0.0 ? 'all' : 'nearly all').' of them.',
            );
    }
}
