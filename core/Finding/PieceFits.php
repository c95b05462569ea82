<?php

declare(strict_types=1);

namespace Planisher\Finding;

/** Stops a piece larger than the lab makes. */
final class PieceFits implements Check
{
    public function look(Situation $at): ?Finding
    {
        $largest = $at->lab->largestPiece;
        $size = $at->line->print?->size;

        return $largest === null || $size === null || $largest->holds($size) ? null : Finding::stops(
            'piece-too-large',
            'Larger than the lab makes',
            "{$size->label()} doesn’t fit {$at->lab->name}’s largest piece, {$largest->label()}. Choose a smaller size.",
        );
    }
}
