<?php

declare(strict_types=1);

namespace Planisher\Finish;

use Planisher\Line\LineChange;
use Planisher\Line\LineSpec;
use Planisher\Line\Wanted;
use Planisher\Measure\MeasureError;
use Planisher\Plan\Layout;
use Planisher\Plan\OfFinish;

/**
 * A drawing whose figures can be typed into.
 *
 * @template-contravariant W of Wanted = Wanted
 * @template-contravariant O of OfFinish|null = OfFinish|null
 *
 * @extends Dimensioning<W, O>
 */
interface TakesFigures extends Dimensioning
{
    /**
     * What a figure typed into the drawing changes.
     *
     * @param  LineSpec<W>  $line
     * @param  Layout<O>  $layout
     * @param  string  $name  of the dimension, or of a joint
     *
     * @throws MeasureError when it is no length that can be, or there is no such figure
     */
    public function typed(LineSpec $line, Layout $layout, string $name, string $typed): LineChange;
}
