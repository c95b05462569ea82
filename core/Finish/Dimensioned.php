<?php

declare(strict_types=1);

namespace Planisher\Finish;

use Planisher\Line\Wanted;
use Planisher\Plan\OfFinish;

/**
 * A finish that has figures or parts of its own in the drawing; of others only the paper is dimensioned.
 *
 * @template-contravariant W of Wanted = Wanted  what is wanted of it
 * @template-contravariant O of OfFinish|null = OfFinish|null  what of its layout only it knows
 *
 * @extends Finish<W, O>
 */
interface Dimensioned extends Finish
{
    /** @return Dimensioning<W, O> */
    public function dimensioning(): Dimensioning;
}
