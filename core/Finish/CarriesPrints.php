<?php

declare(strict_types=1);

namespace Planisher\Finish;

use Planisher\Finding\Cells;
use Planisher\Line\Wanted;
use Planisher\Plan\LineContext;
use Planisher\Plan\OfFinish;

/**
 * A finish that can carry several prints.
 *
 * @template-contravariant W of Wanted = Wanted
 * @template-contravariant O of OfFinish|null = OfFinish|null
 *
 * @extends Finish<W, O>
 */
interface CarriesPrints extends Finish
{
    /**
     * The prints that it carries, each as if it were a line of its own.
     *
     * @param  LineContext<W, O>  $at
     */
    public function cells(LineContext $at): Cells;
}
