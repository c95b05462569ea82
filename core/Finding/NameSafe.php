<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Plan\LineContext;

/** Tells what became of the name. Unsafe and repeated names can't come about; shortening is worth a look. */
final class NameSafe implements Check
{
    public function judge(LineContext $at): Finding
    {
        $name = $at->name;
        if ($name->shortened) {
            return Finding::fine(
                'name-shortened',
                'Name shortened for the lab',
                "{$name->length()} characters; {$at->lab->name} takes {$at->lab->nameLength}. Still unlike any other in this order.",
            );
        }

        return $name->numberedApart
            ? Finding::fine('name-numbered', 'Name numbered apart', 'Another line came out the same, so a number was added.')
            : Finding::fine('name-safe', 'Name is safe', "{$name->length()} characters, none repeated in this order.");
    }
}
