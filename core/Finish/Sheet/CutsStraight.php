<?php

declare(strict_types=1);

namespace Planisher\Finish\Sheet;

use Planisher\Finding\Check;
use Planisher\Finding\Finding;
use Planisher\Finish\Sheet\Arranging\CutOrder;
use Planisher\Phrase\WordRow;
use Planisher\Plan\LineContext;

/**
 * Says in which order the cells are cut apart, and asks for a look where no straight cut from edge to edge frees some.
 *
 * @implements Check<SheetWanted, SheetLayout>
 */
final class CutsStraight implements Check
{
    /** So many cuts are told where they are found; more are listed where one looks for them. */
    private const FEW = 2;

    public function judge(LineContext $at): ?Finding
    {
        $layout = $at->plan?->layout->own;
        $wanted = $at->line->wanted;
        if ($layout === null || $at->plan === null || ! CellsApart::are($wanted, $layout)) {
            return null;
        }
        $orders = $layout->orders();
        $stuck = array_merge(...array_map(fn (CutOrder $order): array => $order->stuck, $orders));
        if ($stuck === []) {
            $many = array_sum(array_map(fn (CutOrder $order): int => count($order->cuts), $orders));

            return Finding::fine(
                'cuts-straight',
                $many === 0
                    ? 'Nothing has to be cut'
                    : ($many === 1
                        ? 'One straight cut'
                        : ucfirst(WordRow::number($many)).' straight cuts'),
                match (true) {
                    count($orders) > 1 => 'On '.count($orders).' sheets.',
                    $many <= self::FEW => CutsWording::of($orders[0], $at->plan->size()->width->unit),
                    default => 'The sentence lists them in their order; X draws them.',
                },
            );
        }
        $numbers = [];
        foreach ($layout->cells as $cell) {
            if (in_array($cell->spot->box, $stuck, false)) {
                $numbers[$cell->cell + 1] = (string) ($cell->cell + 1);
            }
        }

        return Finding::look(
            'cuts-not-straight',
            'Cells '.WordRow::list(array_values($numbers)).' can’t be cut apart straight',
            'No cut from edge to edge of their piece passes between them.',
            CellsApart::arranged($wanted),
        );
    }
}
