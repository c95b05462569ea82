<?php

declare(strict_types=1);

namespace Planisher\Finish\Sheet;

use Planisher\Finding\Check;
use Planisher\Finding\Finding;
use Planisher\Finding\Remedy;
use Planisher\Line\LineChange;
use Planisher\Plan\LineContext;

/**
 * Says whether the lab lists the sheet, and which it lists that would do.
 *
 * @implements Check<SheetWanted, SheetLayout>
 */
final class SheetListed implements Check
{
    public function judge(LineContext $at): ?Finding
    {
        $wanted = $at->line->wanted;
        $size = $wanted->sheet($at->lab);
        if ($size === null) {
            return null;
        }
        if ($at->lab->lists($size) !== null) {
            return Finding::fine('sheet-listed', 'The lab lists this sheet', "{$size->label()} is on {$at->lab->name}’s list.");
        }
        $offer = SheetOffers::cheapest($wanted, $at->lab);

        return Finding::look(
            'sheet-not-listed',
            "{$size->label()} isn’t on the lab’s list",
            "{$at->lab->name} may cut or refuse the sheet.",
            $offer === null ? null : new Remedy("Take {$offer->size->label()}", LineChange::of(['size' => (string) $offer->size])),
        );
    }
}
