<?php

declare(strict_types=1);

namespace Planisher\Finding;

/** Stops a line that asks for what this version can't make, rather than making it without. */
final class CanBeMade implements Check
{
    public function look(Situation $at): ?Finding
    {
        return $at->line->notYet === [] ? null : Finding::stops(
            'not-made-yet',
            'Can’t be made yet',
            'The line asks for '.implode(' and ', $at->line->notYet).', which Planisher doesn’t make yet.',
        );
    }
}
