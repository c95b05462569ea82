<?php

declare(strict_types=1);

namespace Planisher\Finish;

use Planisher\Line\Wanted;
use Planisher\Measure\Box;
use Planisher\Plan\Layout;
use Planisher\Plan\OfFinish;

/**
 * A drawing of what is seen otherwise than its sheet lies.
 *
 * @template-contravariant W of Wanted = Wanted
 * @template-contravariant O of OfFinish|null = OfFinish|null
 *
 * @extends Dimensioning<W, O>
 */
interface Hangs extends Dimensioning
{
    /**
     * What there will be to see: of each piece where it is, and which part of the drawing it shows.
     *
     * @param  Layout<O>  $layout
     * @return array{Box, non-empty-list<array{Box, Box}>}
     */
    public function hung(Layout $layout): array;
}
