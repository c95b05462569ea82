<?php

declare(strict_types=1);

namespace Planisher\Finish\Panels;

use Planisher\Finish\LeftToHands;
use Planisher\Finish\OffersWords;
use Planisher\Phrase\Facts;
use Planisher\Phrase\SentenceSegments;
use Planisher\Plan\LineContext;
use Planisher\Plan\Plan;

/**
 * What is said of panels.
 *
 * @implements LeftToHands<PanelsWanted, PanelGrid>
 * @implements OffersWords<PanelsWanted, PanelGrid>
 */
final class PanelsWording implements LeftToHands, OffersWords
{
    public function size(LineContext $at): string
    {
        return "cropped to {$at->line->sizeLabel()} in all";
    }

    public function words(SentenceSegments $sentence, LineContext $at): void
    {
        $panels = $at->line->wanted;
        $sentence->word(', shared out between ', 'panels', $panels->sharedOut());
        if ($panels->gap->nanometres > 0) {
            $behind = $panels->behindGap === BehindGap::Keep ? 'the picture kept whole' : 'what lies behind a gap left out';
            $sentence->word(', hung ', 'gap', "{$panels->gap->label()} apart, {$behind}");
        } elseif ($panels->overlap->nanometres > 0) {
            $sentence->word(', ', 'gap', "overlapping by {$panels->overlap->label()}");
        }
    }

    public function addable(LineContext $at): array
    {
        return ['gap' => 'wall between the panels'];
    }

    public function short(LineContext $at): string
    {
        return $at->line->wanted->sharedOut().", {$at->line->sizeLabel()} in all";
    }

    public function facts(LineContext $at, Plan $plan): array
    {
        $grid = $plan->layout->own;
        $largest = WallSize::largest($at);

        return [
            Facts::cut($plan),
            [
                'figure' => Facts::size($grid->hung(), $plan->size()->width->unit).' on the wall',
                'note' => $largest === null ? count($grid->panels()).' panels' : "at most {$largest->label()} by picture and lab",
            ],
            Facts::sharp($plan),
        ];
    }

    public function byHand(LineContext $at): array
    {
        $gap = $at->line->wanted->gap;

        return $gap === null || $gap->nanometres === 0 ? [] : ["Hang {$gap->label()} apart."];
    }
}
