<?php

declare(strict_types=1);

namespace Planisher\Finish\Sheet;

use Planisher\Finish\Sheet\Arranging\Spot;
use Planisher\Plan\Plan;

/** One print of a shared sheet where it lies. */
final readonly class LaidCell
{
    /**
     * @param  int  $cell  its place among the cells wanted, from 0
     * @param  ?Plan  $plan  of the print by itself; null while it has no picture
     */
    public function __construct(public int $cell, public Cell $wanted, public Spot $spot, public ?Plan $plan) {}

    /** Whether the print, as it is by itself, is turned a quarter on its way onto the sheet. */
    public function isTurned(): bool
    {
        return $this->plan !== null && $this->plan->size()->width->nanometres !== $this->spot->box->width;
    }
}
