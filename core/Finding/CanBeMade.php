<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Plan\Situation;

/** Stops a line that asks for what this version can't make, rather than making it without. */
final class CanBeMade implements Check
{
    public function judge(Situation $at): ?Finding
    {
        return $at->line->wanted->notYet() === null
            ? null
            : Finding::stops(
                'not-made-yet',
                'Can’t be made yet',
                "The line asks for {$at->line->wanted->notYet()}, which Planisher doesn’t make yet.",
            );
    }
}
