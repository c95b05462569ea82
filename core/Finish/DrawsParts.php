<?php

declare(strict_types=1);

namespace Planisher\Finish;

use Planisher\Line\Wanted;
use Planisher\Plan\LineContext;
use Planisher\Plan\OfFinish;

/**
 * A drawing that has more than paper and image.
 *
 * @template-contravariant W of Wanted = Wanted
 * @template-contravariant O of OfFinish|null = OfFinish|null
 *
 * @extends Dimensioning<W, O>
 */
interface DrawsParts extends Dimensioning
{
    /**
     * What is drawn beside paper and image.
     *
     * @param  ?LineContext<W, O>  $at  null of a line that is made into something else
     * @return array<string, mixed> lengths in mm
     */
    public function parts(?LineContext $at): array;
}
