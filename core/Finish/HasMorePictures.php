<?php

declare(strict_types=1);

namespace Planisher\Finish;

use Planisher\Line\Wanted;
use Planisher\Plan\OfFinish;

/**
 * A finish that has pictures in other places than the line’s own.
 *
 * @template-contravariant W of Wanted = Wanted
 * @template-contravariant O of OfFinish|null = OfFinish|null
 *
 * @extends Finish<W, O>
 */
interface HasMorePictures extends Finish
{
    /**
     * Where the names of its pictures stand in an order file's line, or in a change of one, place by place.
     *
     * @param  array<string, mixed>  $wanted
     * @return list<non-empty-list<string|int>> keys, each deeper than the one before
     */
    public function places(array $wanted): array;
}
