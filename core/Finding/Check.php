<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Line\Wanted;
use Planisher\Plan\LineContext;
use Planisher\Plan\OfFinish;

/**
 * Looks at one thing that can go wrong with a line.
 *
 * @template-contravariant W of Wanted = Wanted  what is wanted of the lines that it looks at
 * @template-contravariant O of OfFinish|null = OfFinish|null  what of their layout only their finish knows
 */
interface Check
{
    /**
     * What was found, or null when there is nothing to say.
     *
     * @param  LineContext<W, O>  $at
     */
    public function judge(LineContext $at): ?Finding;
}
