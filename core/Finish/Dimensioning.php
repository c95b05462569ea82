<?php

declare(strict_types=1);

namespace Planisher\Finish;

use Planisher\Drawing\Dimension;
use Planisher\Line\Wanted;
use Planisher\Plan\Layout;
use Planisher\Plan\OfFinish;

/**
 * What is drawn of a finish, and what typing into its drawing changes.
 *
 * @template-contravariant W of Wanted = Wanted  what is wanted of it
 * @template-contravariant O of OfFinish|null = OfFinish|null  what of its layout only it knows
 */
interface Dimensioning
{
    /**
     * The outermost first.
     *
     * @param  Layout<O>  $layout
     * @return list<Dimension>
     */
    public function dimensions(Layout $layout): array;
}
