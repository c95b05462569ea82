<?php

declare(strict_types=1);

namespace Planisher\Finish;

use Planisher\Language\Unsure;
use Planisher\Line\Wanted;
use Planisher\Measure\Unit;
use Planisher\Plan\OfFinish;

/**
 * A finish of which something can be known only when all that is said was heard.
 *
 * @template-contravariant W of Wanted = Wanted
 * @template-contravariant O of OfFinish|null = OfFinish|null
 *
 * @extends Finish<W, O>
 */
interface CompletesWishes extends Finish
{
    /**
     * What was said of it, completed.
     *
     * @param  array<string, mixed>  $change  a merge patch of the line, and special keys (Says)
     * @param  array<string, mixed>  $on  the line it is said of, in its order-file form; empty where there is none yet
     * @return array<string, mixed>|Unsure
     */
    public function completed(array $change, array $on, Unit $unit): array|Unsure;
}
