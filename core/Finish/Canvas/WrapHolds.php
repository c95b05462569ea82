<?php

declare(strict_types=1);

namespace Planisher\Finish\Canvas;

use Planisher\Finding\Check;
use Planisher\Finding\Finding;
use Planisher\Finding\Remedy;
use Planisher\Lab\CanvasCard;
use Planisher\Line\LineChange;
use Planisher\Measure\Length;
use Planisher\Measure\Resolution;
use Planisher\Phrase\SidesPhrase;
use Planisher\Plan\Layout;
use Planisher\Plan\LineContext;

/**
 * Judges how deep a canvas's edges are, and says how large the file becomes by them.
 *
 * @implements Check<CanvasWanted, Wrap>
 */
final class WrapHolds implements Check
{
    public function judge(LineContext $at): ?Finding
    {
        [$layout, $canvas] = [$at->plan?->layout, $at->line->wanted];
        if ($layout === null) {
            return null;
        }
        $wrap = $layout->own;
        $card = $at->lab->canvas;
        $labsOwn =
            $canvas->depth === null ? null : new Remedy("Take {$card->depth->label()}", LineChange::of(['canvas' => ['depth' => null]]));
        $face = $layout->size->label();
        if ($wrap->typedDepth->isZero()) {
            return Finding::stops(
                'edge-without-depth',
                'The edge has no depth',
                'A canvas is folded round its bars. Say how deep they are, such as 2 cm or 5 %.',
                $labsOwn,
            );
        }
        if ($wrap->isTooDeep) {
            $spare = $wrap->typedSpare->isZero() ? '' : " and {$wrap->typedSpare->label()} to spare";

            return Finding::stops(
                'edge-too-deep',
                'The edge is deeper than half the face',
                "{$wrap->typedDepth->label()}{$spare} all round don’t go with a face of {$face}. It is drawn without; see that the ".
                    'unit is right.',
                $labsOwn,
            );
        }
        if ($canvas->depth === null && ! $card->isSaid) {
            return Finding::look(
                'edge-depth-assumed',
                "{$wrap->typedDepth->label()} of edge is assumed",
                "{$at->lab->name}’s card doesn’t say how deep its bars are. Ask, and say it here.",
                new Remedy("It is {$wrap->typedDepth->label()}", LineChange::of(['canvas' => ['depth' => (string) $wrap->typedDepth]])),
            );
        }
        if ($card->isSaid && $canvas->depth !== null && self::isUnlike($wrap, $card, $layout, $at->plan?->shown->resolution)) {
            return Finding::look(
                'edge-depth-unlike',
                "The lab’s bars are {$card->depth->label()} deep",
                "The edge is {$wrap->typedDepth->label()}. It would be folded somewhere else than it is drawn.",
                $labsOwn,
            );
        }
        $unit = $layout->size->width->unit;
        $sheet = $layout->sheet;

        return Finding::fine(
            'edge-added',
            'The face is the ordered size',
            "{$face}, and ".
                SidesPhrase::length($wrap->around(), $unit).
                ' all round it: '.
                Length::ofNanometres($sheet->width, $unit)->number.
                ' × '.
                Length::ofNanometres($sheet->height, $unit)->label().
                ' of canvas.',
        );
    }

    /** Whether it folds somewhere else than the lab's bars do. */
    private static function isUnlike(Wrap $wrap, CanvasCard $card, Layout $layout, ?Resolution $resolution): bool
    {
        return $resolution !== null && $wrap->depth !== $card->depth->on($layout->size, $resolution);
    }
}
