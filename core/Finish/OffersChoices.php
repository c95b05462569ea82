<?php

declare(strict_types=1);

namespace Planisher\Finish;

use Planisher\Line\Wanted;
use Planisher\Plan\OfFinish;

/**
 * A finish of which house finishes can settle something by itself; any other goes as a whole.
 *
 * @template-contravariant W of Wanted = Wanted
 * @template-contravariant O of OfFinish|null = OfFinish|null
 *
 * @extends Finish<W, O>
 */
interface OffersChoices extends Finish
{
    /** @return list<Choice> */
    public function choices(): array;
}
