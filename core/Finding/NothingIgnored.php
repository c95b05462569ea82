<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Line\LineChange;
use Planisher\Plan\LineContext;

/** Tells of what a line asks for that says nothing of what it is made into. */
final class NothingIgnored implements Check
{
    public function judge(LineContext $at): ?Finding
    {
        $ignored = $at->line->ignored;

        return $ignored === []
            ? null
            : Finding::look(
                'left-out',
                'Something asked for is left out',
                implode(' and ', array_map(fn (string $key): string => "“{$key}”", $ignored)).
                    ' means nothing for a '.
                    $at->line->wanted->label(1).
                    '.',
                new Remedy('Leave it out', LineChange::without(...$ignored)),
            );
    }
}
