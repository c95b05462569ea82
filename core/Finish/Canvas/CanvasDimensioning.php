<?php

declare(strict_types=1);

namespace Planisher\Finish\Canvas;

use Planisher\Drawing\Dimensions;
use Planisher\Finish\DrawsParts;
use Planisher\Finish\Hangs;
use Planisher\Finish\TakesFigures;
use Planisher\Finish\TypedFigure;
use Planisher\Finish\UsesOfLab;
use Planisher\Line\LineChange;
use Planisher\Line\LineSpec;
use Planisher\Measure\EdgeDepth;
use Planisher\Measure\Unit;
use Planisher\Plan\Layout;
use Planisher\Plan\LineContext;

/**
 * A canvas as it is drawn: the face, the edge from fold to wall on each side, the spare beyond it, and all of it together.
 *
 * @implements DrawsParts<CanvasWanted, Wrap>
 * @implements Hangs<CanvasWanted, Wrap>
 * @implements TakesFigures<CanvasWanted, Wrap>
 * @implements UsesOfLab<CanvasWanted, Wrap>
 */
final class CanvasDimensioning implements DrawsParts, Hangs, TakesFigures, UsesOfLab
{
    public function dimensions(Layout $layout): array
    {
        $drawn = new Dimensions($layout->size);
        $wrap = $layout->own;
        $sheet = $layout->sheet;
        if ($wrap->around() > 0) {
            $drawn
                ->size('sheet-width', true, $sheet->x, $sheet->right(), false)
                ->size('sheet-height', false, $sheet->y, $sheet->bottom(), false);
        }
        $drawn->ordered();
        [$right, $bottom] = [$layout->size->width->nanometres, $layout->size->height->nanometres];
        $sides = [['left', true, null], ['right', true, $right], ['top', false, null], ['bottom', false, $bottom]];
        foreach ($sides as [$side, $across, $end]) {
            $depth = $end ?? -$wrap->depth;
            $spare = $end === null ? $depth - $wrap->spare : $depth + $wrap->depth;
            $drawn
                ->margin("depth-{$side}", $across, $depth, $depth + $wrap->depth, true, $wrap->typedDepth->label())
                ->margin("spare-{$side}", $across, $spare, $spare + $wrap->spare, true, $wrap->typedSpare->label());
        }

        return $drawn->all();
    }

    public function typed(LineSpec $line, Layout $layout, string $name, string $typed): LineChange
    {
        [$what] = explode('-', $name);

        return in_array($what, ['depth', 'spare'], true)
            ? LineChange::of([CanvasFinish::NAME => [$what => (string) EdgeDepth::parse($typed, $layout->size->width->unit)]])
            : throw TypedFigure::unknown($name);
    }

    public function uses(?LineContext $at): array
    {
        $canvas = $at === null ? null : $at->line->wanted;
        if ($canvas === null || $at === null) {
            return ['depth' => '', 'spare' => '', 'apart' => null];
        }
        $card = $at->lab->canvas;

        return [
            'depth' => (string) $canvas->depthFor($card),
            'spare' => (string) $canvas->spareFor($card),
            'apart' => $canvas->apartFor($card)?->value,
        ];
    }

    public function parts(?LineContext $at): array
    {
        $wrap = $at?->plan?->layout->own;
        $mm = fn (int $nanometres): float => $nanometres / Unit::Millimetre->nanometres();

        return ['wrap' => $wrap === null ? null : ['depth' => $mm($wrap->depth), 'spare' => $mm($wrap->spare)]];
    }

    public function hung(Layout $layout): array
    {
        return [$layout->box(), [[$layout->box(), $layout->box()]]];
    }
}
