<?php

declare(strict_types=1);

namespace Planisher\Finish\ForScreen;

use Planisher\Drawing\Dimensions;
use Planisher\Finish\DrawsParts;
use Planisher\Finish\TakesFigures;
use Planisher\Finish\TypedFigure;
use Planisher\Line\LineChange;
use Planisher\Line\LineSpec;
use Planisher\Measure\Figure;
use Planisher\Measure\MeasureError;
use Planisher\Plan\Layout;
use Planisher\Plan\LineContext;

/**
 * A screen copy as it is drawn: dimensioned in pixels.
 *
 * @implements DrawsParts<ScreenWanted, ScreenLayout>
 * @implements TakesFigures<ScreenWanted, ScreenLayout>
 */
final class ScreenDimensioning implements DrawsParts, TakesFigures
{
    public function dimensions(Layout $layout): array
    {
        $pixels = $layout->own->pixels;
        $px = fn (int $many): string => Figure::count($many).Figure::THIN_SPACE.'px';

        return (new Dimensions($layout->size))
            ->size('screen-width', true, 0, $layout->size->width->nanometres, true, $px($pixels->width))
            ->size('screen-height', false, 0, $layout->size->height->nanometres, true, $px($pixels->height))
            ->all();
    }

    /** Of a shape its side; else the long side that makes this one so long. */
    public function typed(LineSpec $line, Layout $layout, string $name, string $typed): LineChange
    {
        $wanted = $line->wanted;
        $pixels = $layout->own->pixels;
        if (! in_array($name, ['screen-width', 'screen-height'], true)) {
            throw TypedFigure::unknown($name);
        }
        if (preg_match('/^\s*(\d{1,5})\s*(px|pixels?)?\s*$/i', $typed, $m) !== 1 || (int) $m[1] < 1) {
            throw MeasureError::noPixels($typed);
        }
        $side = (int) $m[1];
        $isWidth = $name === 'screen-width';
        if ($wanted->shape !== null) {
            $shape = $isWidth ? "{$side} x {$wanted->shape->height} px" : "{$wanted->shape->width} x {$side} px";

            return LineChange::of(['shape' => $shape]);
        }
        $long = max($pixels->width, $pixels->height) / ($isWidth ? $pixels->width : $pixels->height);

        return LineChange::of(['longSide' => max(1, (int) round($side * $long))]);
    }

    public function parts(?LineContext $at): array
    {
        return ['isForScreen' => $at !== null] + ($at === null ? [] : ['isWhole' => $at->line->wanted->shape === null]);
    }
}
