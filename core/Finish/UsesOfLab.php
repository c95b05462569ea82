<?php

declare(strict_types=1);

namespace Planisher\Finish;

use Planisher\Line\Wanted;
use Planisher\Plan\LineContext;
use Planisher\Plan\OfFinish;

/**
 * A drawing that shows what the lab says where the line doesn’t.
 *
 * @template-contravariant W of Wanted = Wanted
 * @template-contravariant O of OfFinish|null = OfFinish|null
 *
 * @extends Dimensioning<W, O>
 */
interface UsesOfLab extends Dimensioning
{
    /**
     * What the lab says where the line doesn't.
     *
     * @param  ?LineContext<W, O>  $at  null of a line that is made into something else
     * @return array<string, mixed>
     */
    public function uses(?LineContext $at): array;
}
