<?php

declare(strict_types=1);

namespace Planisher\Finish;

use Planisher\Line\Wanted;
use Planisher\Plan\LineContext;
use Planisher\Plan\OfFinish;

/**
 * Wording that has something to offer while there is nothing to say of it.
 *
 * @template-contravariant W of Wanted = Wanted
 * @template-contravariant O of OfFinish|null = OfFinish|null
 *
 * @extends Wording<W, O>
 */
interface OffersWords extends Wording
{
    /**
     * Its words that “add…” offers while there is nothing to say of them.
     *
     * @param  LineContext<W, O>  $at
     * @return array<string, string> by word
     */
    public function addable(LineContext $at): array;
}
