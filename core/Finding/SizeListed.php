<?php

declare(strict_types=1);

namespace Planisher\Finding;

/** Says whether the lab lists the size. */
final class SizeListed implements Check
{
    public function look(Situation $at): ?Finding
    {
        $size = $at->line->print?->size;
        if ($size === null) {
            return null;
        }
        $lab = $at->lab;
        if ($lab->lists($size) !== null) {
            return Finding::fine('size-listed', 'The lab lists this size', "{$size->label()} is on {$lab->name}’s list.");
        }
        $nearest = $lab->nearest($size);

        return Finding::look(
            'size-not-listed',
            "{$size->label()} isn’t on the lab’s list",
            "{$lab->name} may cut or refuse it. The nearest it lists is {$nearest->label()}.",
            new Remedy("Make it {$nearest->label()}", ['size' => (string) $nearest]),
        );
    }
}
