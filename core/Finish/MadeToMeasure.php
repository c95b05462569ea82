<?php

declare(strict_types=1);

namespace Planisher\Finish;

use Planisher\Line\Wanted;
use Planisher\Plan\OfFinish;

/**
 * A finish whose size doesn’t have to be one that the lab lists.
 *
 * @template-contravariant W of Wanted = Wanted
 * @template-contravariant O of OfFinish|null = OfFinish|null
 *
 * @extends Finish<W, O>
 */
interface MadeToMeasure extends Finish {}
