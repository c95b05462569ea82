<?php

declare(strict_types=1);

namespace Planisher\Finish\Sheet;

use Planisher\Finish\Said;
use Planisher\Finish\Sheet\Arranging\CutOrder;
use Planisher\Measure\Figure;
use Planisher\Phrase\Segments;
use Planisher\Phrase\Words;
use Planisher\Plan\Situation;

/** What is said of a shared sheet. */
final class SheetSaid implements Said
{
    public function madeOf(Situation $at): array
    {
        return ['cells', CellsSaid::of(self::wanted($at)->cells)];
    }

    public function size(Situation $at): string
    {
        $wanted = self::wanted($at);
        $size = $wanted->sheet($at->lab);
        $sheets = SheetLayout::in($at->plan?->layout)?->arrangement->sheets() ?? 1;
        $label = $size === null ? '' : $size->label();
        if ($wanted->size === null) {
            $named = $sheets === 1 ? 'the cheapest sheet' : Words::number($sheets).' of the cheapest sheets';

            return "on {$named}".($label === '' ? '' : ", {$label}");
        }

        return 'on '.($sheets === 1 ? $label : Words::number($sheets)." sheets of {$label}");
    }

    public function words(Segments $sentence, Situation $at): void
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
            $sentence->word(', ', 'cuts', $cuts === 1 ? 'cut once' : 'cut apart in '.Words::number($cuts));
        }
    }

    public function addable(Situation $at): array
    {
        return ['margin' => 'a margin', 'marks' => 'cut marks'];
    }

    public function short(Situation $at): string
    {
        return ucfirst(CellsSaid::short(self::wanted($at)->cells)).' '.$this->size($at);
    }

    public function facts(Situation $at): array
    {
        $layout = SheetLayout::in($at->plan?->layout) ?? throw new \LogicException('Facts are of a plan.');
        [$sheets, $prints] = [$layout->arrangement->sheets(), count($layout->cells)];
        $waste = $layout->arrangement->waste();
        $price = $at->lab->priceOf($at->plan?->size() ?? throw new \LogicException('Facts are of a plan.'));

        return [
            [
                'figure' => $prints === 1 ? '1 print' : "{$prints} prints",
                'note' => 'on '.($sheets === 1 ? 'one sheet' : Words::number($sheets).' sheets'),
            ],
            [
                'figure' => $waste < 0.0005 ? 'No paper wasted' : Figure::percent($waste).' left over',
                'note' => self::cuts($at).(self::cuts($at) === 1 ? ' cut frees them' : ' cuts free them'),
            ],
            $price === null ? null : ['figure' => $price->times($sheets)->label(), 'note' => "{$price->label()} a sheet"],
        ];
    }

    public function byHand(Situation $at): array
    {
        $orders = SheetLayout::in($at->plan?->layout)?->orders() ?? [];
        $unit = $at->plan?->size()->width->unit ?? $at->desk->unit;
        $told = [];
        foreach ($orders as $sheet => $order) {
            $cuts = CutsSaid::of($order, $unit);
            if ($cuts !== '') {
                $told[] = (count($orders) === 1 ? 'Cut: ' : 'Cut sheet '.($sheet + 1).' of '.count($orders).': ').$cuts;
            }
        }

        return $told;
    }

    private static function wanted(Situation $at): SheetWanted
    {
        return SheetWanted::of($at->line) ?? throw new \LogicException('It is a shared sheet.');
    }

    private static function cuts(Situation $at): int
    {
        $orders = SheetLayout::in($at->plan?->layout)?->orders() ?? [];

        return array_sum(array_map(fn (CutOrder $order): int => count($order->cuts), $orders));
    }
}
