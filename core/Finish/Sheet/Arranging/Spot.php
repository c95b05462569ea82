<?php

declare(strict_types=1);

namespace Planisher\Finish\Sheet\Arranging;

use Planisher\Measure\Box;

/** Where one cell lies: on which sheet, from 0, and on what of it, in nanometres. */
final readonly class Spot
{
    /** @param  bool  $isTurned  a quarter, against the size it was given in; a square isn't */
    public function __construct(public int $sheet, public Box $box, public bool $isTurned) {}

    public function isSquare(): bool
    {
        return $this->box->width === $this->box->height;
    }
}
