<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Line\LineChange;
use Planisher\Plan\LineContext;

/** Asks for a look when a line wants a mount or an option that its product isn't had with. */
final class ExtrasKnown implements Check
{
    public function judge(LineContext $at): ?Finding
    {
        $line = $at->line;
        $product = $at->lab->product($line->printedOn());
        $of = $line->printedOn() === null ? 'a plain print' : $line->printedOn();
        $kept = array_values(array_filter($line->options, fn (string $name): bool => $product?->option($name) !== null));
        if ($line->mount !== null && $product?->mount($line->mount) === null) {
            return Finding::look(
                'mount-unknown',
                "{$at->lab->name} has no mount “{$line->mount}” for {$of}",
                'It would be sent without being asked for by a name that the lab knows.',
                new Remedy('Leave it unmounted', LineChange::without('mount')),
            );
        }
        $lacking = array_values(array_diff($line->options, $kept));

        return $lacking === []
            ? null
            : Finding::look(
                'option-unknown',
                "{$at->lab->name} has no option “{$lacking[0]}” for {$of}",
                'It would be asked for by a name that the lab doesn’t know.',
                new Remedy('Leave it out', LineChange::of(['options' => $kept ?: null])),
            );
    }
}
