<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Line\LineChange;
use Planisher\Overlay\LaidOverlay;
use Planisher\Phrase\WordRow;
use Planisher\Plan\LineContext;

/** Asks whether marks are meant on what is printed and paid for. */
final class MarkMeant implements Check
{
    public function judge(LineContext $at): ?Finding
    {
        $laid = $at->plan->added->overlays ?? [];
        if ($laid === [] || ! $at->line->isPrinted()) {
            return null;
        }
        $names = array_unique(array_map(fn (LaidOverlay $one): string => "“{$one->wanted->name()}”", $laid));

        return Finding::look(
            'mark-on-print',
            count($laid) === 1 ? 'A mark will be printed' : count($laid).' marks will be printed',
            WordRow::list(array_values($names)).' lies over the picture on paper, too. Pass the line if it is meant.',
            new Remedy('Print without', LineChange::without('overlays')),
        );
    }
}
