<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Measure\Figure;
use Planisher\Plan\LineContext;

/** Asks for a look when the paper takes the distance out of the three-quarter tones, and offers to open them. */
final class ShadowsOnPaper implements Check
{
    /** Every paper takes a little, in L*; the proof's own note offers that back. */
    private const MUCH = 6.0;

    public function judge(LineContext $at): ?Finding
    {
        $lost = $at->seen?->lost;
        $remedy = $lost === null || $lost <= self::MUCH ? null : PaperChange::opening($lost, $at->line);

        return $lost === null || $remedy === null
            ? null
            : Finding::look(
                'shadows-close',
                'The shadows close on this paper',
                'Three-quarter tones lose '.Figure::decimal($lost, 1).' of lightness between them and black. P shows it.',
                $remedy,
            );
    }
}
