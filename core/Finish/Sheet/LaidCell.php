<?php

declare(strict_types=1);

namespace Planisher\Finish\Sheet;

use Planisher\Finish\Sheet\Arranging\Spot;
use Planisher\Measure\Box;
use Planisher\Plan\Plan;

/** One print of a shared sheet where it lies. */
final readonly class LaidCell
{
    /**
     * @param  int  $cell  its place among the cells wanted, from 0
     * @param  ?Plan  $plan  of the print by itself; null while it has no picture
     */
    public function __construct(public int $cell, public Cell $wanted, public Spot $spot, public ?Plan $plan) {}

    /** Where something of the print, as it is by itself, comes to lie on its sheet. */
    public function onSheet(Box $of): Box
    {
        $place = $this->spot->box;

        return $this->isTurned()
            ? new Box($place->x + $place->width - $of->bottom(), $place->y + $of->x, $of->height, $of->width)
            : $of->moved($place->x, $place->y);
    }

    /** Whether the print, as it is by itself, is turned a quarter on its way onto the sheet. */
    public function isTurned(): bool
    {
        return $this->plan !== null && $this->plan->size()->width->nanometres !== $this->spot->box->width;
    }
}
