<?php

declare(strict_types=1);

namespace Planisher\Finish\Panels;

use Planisher\Finish\Said;
use Planisher\Phrase\Facts;
use Planisher\Phrase\Segments;
use Planisher\Plan\Situation;

/** What is said of panels. */
final class PanelsSaid implements Said
{
    public function madeOf(Situation $at): ?array
    {
        return null;
    }

    public function size(Situation $at): string
    {
        return "cropped to {$at->line->crop?->size->label()} in all";
    }

    public function words(Segments $sentence, Situation $at): void
    {
        $panels = PanelsWanted::of($at->line);
        $sentence->word(', shared out between ', 'panels', (string) $panels?->sharedOut());
        if ($panels?->gap->nanometres > 0) {
            $behind = $panels->behindGap === BehindGap::Keep ? 'the picture kept whole' : 'what lies behind a gap left out';
            $sentence->word(', hung ', 'gap', "{$panels->gap->label()} apart, {$behind}");
        } elseif ($panels?->overlap->nanometres > 0) {
            $sentence->word(', ', 'gap', "overlapping by {$panels->overlap->label()}");
        }
    }

    public function addable(Situation $at): array
    {
        return ['gap' => 'wall between the panels'];
    }

    public function short(Situation $at): string
    {
        return PanelsWanted::of($at->line)?->sharedOut().", {$at->line->crop?->size->label()} in all";
    }

    public function facts(Situation $at): array
    {
        $plan = $at->plan ?? throw new \LogicException('Facts are of a plan.');
        $grid = PanelGrid::in($plan->layout) ?? throw new \LogicException('Panels are shared out.');
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

    public function byHand(Situation $at): array
    {
        $gap = PanelsWanted::of($at->line)?->gap;

        return $gap === null || $gap->nanometres === 0 ? [] : ["Hang {$gap->label()} apart."];
    }
}
