<?php

declare(strict_types=1);

namespace Planisher\Finish\Sheet;

use Planisher\Finish\LeftToHands;
use Planisher\Finish\MadeOfSeveral;
use Planisher\Finish\OffersWords;
use Planisher\Finish\Sheet\Arranging\CutOrder;
use Planisher\Measure\Figure;
use Planisher\Phrase\SentenceSegments;
use Planisher\Phrase\WordRow;
use Planisher\Plan\LineContext;
use Planisher\Plan\Plan;

/**
 * What is said of a shared sheet.
 *
 * @implements LeftToHands<SheetWanted, SheetLayout>
 * @implements MadeOfSeveral<SheetWanted, SheetLayout>
 * @implements OffersWords<SheetWanted, SheetLayout>
 */
final class SheetWording implements LeftToHands, MadeOfSeveral, OffersWords
{
    public function madeOf(LineContext $at): array
    {
        return ['cells', CellsWording::of(self::wanted($at)->cells)];
    }

    public function size(LineContext $at): string
    {
        $wanted = self::wanted($at);
        $size = $wanted->sheet($at->lab);
        $sheets = $at->plan?->layout->own->arrangement->sheets() ?? 1;
        $label = $size === null ? '' : $size->label();
        if ($wanted->size === null) {
            $named = $sheets === 1 ? 'the cheapest sheet' : WordRow::number($sheets).' of the cheapest sheets';

            return "on {$named}".($label === '' ? '' : ", {$label}");
        }

        return 'on '.($sheets === 1 ? $label : WordRow::number($sheets)." sheets of {$label}");
    }

    public function words(SentenceSegments $sentence, LineContext $at): void
    {
        $wanted = self::wanted($at);
        $isAlone = count(CellsArranged::prints($wanted->cells)) < 2;
        if ($wanted->isByHand()) {
            $sentence->word(', ', 'arranged', 'placed by hand');
        } elseif ($wanted->gutter->nanometres > 0) {
            $sentence->word(', ', 'gutter', "{$wanted->gutter->label()} apart");
        } elseif (! $isAlone) {
            $sentence->word(', ', 'gutter', 'edge to edge');
        }
        if ($wanted->margin->nanometres > 0 && ! $wanted->isByHand()) {
            $sentence->word(', ', 'margin', "{$wanted->margin->label()} inside its edge");
        }
        $cuts = self::cuts($at);
        if ($wanted->cutMarks || $cuts > 0) {
            $sentence->word(', ', 'marks', $wanted->cutMarks ? 'with cut marks' : 'no cut marks');
        }
        if ($cuts > 0) {
            $sentence->word(', ', 'cuts', $cuts === 1 ? 'cut once' : 'cut apart in '.WordRow::number($cuts));
        }
    }

    public function addable(LineContext $at): array
    {
        return ['margin' => 'a margin', 'marks' => 'cut marks'];
    }

    public function short(LineContext $at): string
    {
        return ucfirst(CellsWording::short(self::wanted($at)->cells)).' '.$this->size($at);
    }

    public function facts(LineContext $at, Plan $plan): array
    {
        $layout = $plan->layout->own;
        [$sheets, $prints] = [$layout->arrangement->sheets(), count($layout->cells)];
        $waste = $layout->arrangement->waste();
        $price = $at->lab->priceOf($plan->size());

        return [
            [
                'figure' => $prints === 1 ? '1 print' : "{$prints} prints",
                'note' => 'on '.($sheets === 1 ? 'one sheet' : WordRow::number($sheets).' sheets'),
            ],
            [
                'figure' => $waste < 0.0005 ? 'No paper wasted' : Figure::percent($waste).' left over',
                'note' => self::cuts($at).(self::cuts($at) === 1 ? ' cut frees them' : ' cuts free them'),
            ],
            $price === null ? null : ['figure' => $price->times($sheets)->label(), 'note' => "{$price->label()} a sheet"],
        ];
    }

    public function byHand(LineContext $at): array
    {
        $orders = $at->plan?->layout->own->orders() ?? [];
        $unit = $at->plan?->size()->width->unit ?? $at->orderContext->unit;
        $told = [];
        foreach ($orders as $sheet => $order) {
            $cuts = CutsWording::of($order, $unit);
            if ($cuts !== '') {
                $told[] = (count($orders) === 1 ? 'Cut: ' : 'Cut sheet '.($sheet + 1).' of '.count($orders).': ').$cuts;
            }
        }

        return $told;
    }

    /** @param  LineContext<SheetWanted, SheetLayout>  $at */
    private static function wanted(LineContext $at): SheetWanted
    {
        return $at->line->wanted;
    }

    /** @param  LineContext<SheetWanted, SheetLayout>  $at */
    private static function cuts(LineContext $at): int
    {
        $orders = $at->plan?->layout->own->orders() ?? [];

        return array_sum(array_map(fn (CutOrder $order): int => count($order->cuts), $orders));
    }
}
