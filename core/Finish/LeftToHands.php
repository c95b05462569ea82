<?php

declare(strict_types=1);

namespace Planisher\Finish;

use Planisher\Line\Wanted;
use Planisher\Plan\LineContext;
use Planisher\Plan\OfFinish;

/**
 * Wording of a finish that leaves something to be done by hand.
 *
 * @template-contravariant W of Wanted = Wanted
 * @template-contravariant O of OfFinish|null = OfFinish|null
 *
 * @extends Wording<W, O>
 */
interface LeftToHands extends Wording
{
    /**
     * What is left to be done to it by hand, for whoever cuts or mounts it.
     *
     * @param  LineContext<W, O>  $at
     * @return list<string> a sentence each
     */
    public function byHand(LineContext $at): array;
}
