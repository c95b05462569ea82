<?php

declare(strict_types=1);

namespace Planisher\Finish\Canvas;

use Planisher\Finish\LeftToHands;
use Planisher\Finish\OffersWords;
use Planisher\Measure\Figure;
use Planisher\Phrase\Facts;
use Planisher\Phrase\SentenceSegments;
use Planisher\Plan\Layer\EdgeFill;
use Planisher\Plan\LineContext;
use Planisher\Plan\Plan;

/**
 * What is said of a canvas.
 *
 * @implements LeftToHands<CanvasWanted, Wrap>
 * @implements OffersWords<CanvasWanted, Wrap>
 */
final class CanvasWording implements LeftToHands, OffersWords
{
    public function size(LineContext $at): string
    {
        return "on a face of {$at->line->sizeLabel()}";
    }

    public function words(SentenceSegments $sentence, LineContext $at): void
    {
        [$canvas, $card] = [$at->line->wanted, $at->lab->canvas];
        $spare = $canvas->spareFor($card);
        $deep = "{$canvas->depthFor($card)->label()} deep".($spare->isZero() ? '' : " with {$spare->label()} to spare");
        $isPlain = $canvas->edge === EdgeFill::OneColour;
        $sentence
            ->word(', round bars ', 'depth', $deep)
            ->word(', its edge ', 'edge', $isPlain ? "in {$canvas->colour->label()}" : $canvas->edge->label());
        if ($canvas->soften > 0 && ! $isPlain) {
            $sentence->word(', ', 'soften', 'softened by '.Figure::percent($canvas->soften));
        }
        if ($canvas->darken !== null) {
            $sentence->word(', ', 'darken', $canvas->darken->label());
        }
        if ($canvas->apartFor($card) !== null) {
            $sentence->word(', ', 'apart', 'face and edge apart');
        } elseif ($canvas->edgesApart === false && $card->edgesApart !== null) {
            $sentence->word(', ', 'apart', 'face and edge together');
        }
    }

    public function addable(LineContext $at): array
    {
        return [
            ...$at->line->wanted->edge === EdgeFill::OneColour ? [] : ['soften' => 'a softened edge'],
            'darken' => 'an edge darkened toward the wall',
            'apart' => 'face and edge apart',
        ];
    }

    public function short(LineContext $at): string
    {
        return "canvas, {$at->line->sizeLabel()}, edge ".$at->line->wanted->edge->label();
    }

    public function facts(LineContext $at, Plan $plan): array
    {
        $wrap = $plan->layout->own;
        $spare = $wrap->spare > 0 ? ", spare {$wrap->typedSpare->label()}" : '';

        return [
            Facts::cut($plan),
            [
                'figure' => Facts::size($plan->layout->sheet, $plan->size()->width->unit).' of canvas',
                'note' => "face {$plan->size()->label()}, edge {$wrap->typedDepth->label()}{$spare}",
            ],
            Facts::sharp($plan),
        ];
    }

    public function byHand(LineContext $at): array
    {
        $wrap = $at->plan?->layout->own;
        $size = $at->plan?->size();
        if ($wrap === null || $size === null) {
            return [];
        }
        $spare = $wrap->spare === 0 ? '' : ", {$wrap->typedSpare->label()} round it to hold on to";

        return ["Wrap round bars {$wrap->typedDepth->label()} deep: the face is {$size->label()}{$spare}."];
    }
}
