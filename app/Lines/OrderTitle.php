<?php

declare(strict_types=1);

namespace App\Lines;

use App\Models\Order;

/** What stands above every page of an order. */
final class OrderTitle
{
    /** @return OrderTitleShape */
    public static function of(Order $order): array
    {
        return [
            'id' => $order->id,
            'number' => $order->number,
            'title' => $order->title,
            'client' => $order->client->name,
            'lab' => $order->lab->name,
            'orderedOn' => $order->ordered_on->format('Y-m-d'),
            'dueOn' => $order->due_on?->format('Y-m-d'),
        ];
    }
}
