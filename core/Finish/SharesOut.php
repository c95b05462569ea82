<?php

declare(strict_types=1);

namespace Planisher\Finish;

use Planisher\Line\Wanted;
use Planisher\Measure\Size;
use Planisher\Plan\OfFinish;

/**
 * A finish that what is too large for one piece can be made into.
 *
 * @template-contravariant W of Wanted = Wanted
 * @template-contravariant O of OfFinish|null = OfFinish|null
 *
 * @extends Finish<W, O>
 */
interface SharesOut extends Finish
{
    /**
     * The fewest equal pieces of which none is larger than the largest.
     *
     * @return ?SharedOut null where no number of them would do
     */
    public function fewest(Size $whole, Size $largest): ?SharedOut;
}
