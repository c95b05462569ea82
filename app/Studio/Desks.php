<?php

declare(strict_types=1);

namespace App\Studio;

use App\Models\Order;
use App\Models\Studio;
use Planisher\Imaging\Type\HarfBuzz;
use Planisher\Overlay\MarksNamed;
use Planisher\Studio\Desk;

/** Lays ready what an order's lines need beside lab and pictures. */
final class Desks
{
    public function __construct(private readonly MarkStore $marks) {}

    /** @param  array<string, mixed>  $besides  what else is asked for, in its order-file form */
    public function for(Order $order, array $besides = []): Desk
    {
        $named = MarksNamed::in([...$order->lines->pluck('wanted')->all(), $besides]);

        return new Desk($order->head(), $this->marks->known($named), new HarfBuzz(), Studio::current()->unit);
    }
}
