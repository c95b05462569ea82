<?php

declare(strict_types=1);

namespace App\Studio;

use App\Models\Order;
use App\Models\Studio;
use Planisher\Imaging\Type\HarfBuzz;
use Planisher\Overlay\MarksNamed;
use Planisher\Studio\OrderContext;

/** Lays ready what an order's lines need beside lab and pictures. */
final class Desks
{
    public function __construct(private readonly MarkStore $marks) {}

    /** @param  LineForm  $besides  what else is asked for, in its order-file form */
    public function for(Order $order, array $besides = []): OrderContext
    {
        return $this->naming($order, [...array_values($order->lines->pluck('wanted')->all()), $besides]);
    }

    /** @param  list<LineForm>  $lines  those that it is for, in their order-file form */
    public function naming(Order $order, array $lines): OrderContext
    {
        return new OrderContext($order->head(), $this->marks->known(MarksNamed::in($lines)), new HarfBuzz(), Studio::current()->unit);
    }
}
