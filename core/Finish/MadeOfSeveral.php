<?php

declare(strict_types=1);

namespace Planisher\Finish;

use Planisher\Line\Wanted;
use Planisher\Plan\LineContext;
use Planisher\Plan\OfFinish;

/**
 * What is said of a finish that isn’t made of the one picture of its line.
 *
 * @template-contravariant W of Wanted = Wanted
 * @template-contravariant O of OfFinish|null = OfFinish|null
 *
 * @extends Wording<W, O>
 */
interface MadeOfSeveral extends Wording
{
    /**
     * What it is made of: the word of the sentence, and what that says.
     *
     * @param  LineContext<W, O>  $at
     * @return array{string, string}
     */
    public function madeOf(LineContext $at): array;
}
