<?php

declare(strict_types=1);

namespace Planisher\Finish;

use Planisher\Finding\Cells;
use Planisher\Plan\LineContext;

/** A finish that can carry several prints. */
interface CarriesPrints extends Finish
{
    /** The prints that it carries, each as if it were a line of its own. */
    public function cells(LineContext $at): Cells;
}
