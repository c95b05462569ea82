<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Line\LineChange;
use Planisher\Plan\LineContext;

/** Stops a line of no copies. */
final class HasCopies implements Check
{
    public function judge(LineContext $at): ?Finding
    {
        return $at->line->copies > 0
            ? null
            : Finding::stops(
                'copies-zero',
                'No copies',
                'The line asks for 0 prints, so nothing would be made. Give a number, or remove the line.',
                new Remedy('Make it 1 print', LineChange::of(['copies' => 1])),
            );
    }
}
