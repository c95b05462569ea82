<?php

declare(strict_types=1);

namespace Planisher\Finish\Sheet\Arranging;

/** A cell of a kind on the room that a sheet has, in nanometres. */
final readonly class Placed
{
    /** @param  int  $kind  its place in the list of kinds */
    public function __construct(public int $kind, public int $x, public int $y, public int $width, public int $height) {}
}
