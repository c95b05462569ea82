<?php

declare(strict_types=1);

namespace App\Orders;

use App\History\History;
use App\Models\Line;
use App\Models\Order;
use App\Models\OrderPicture;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** An order once more, under a number of its own: its lines open, its pictures the same ones. */
final class Copied
{
    public static function from(Order $order): Order
    {
        $copy = Order::opened(Carbon::today(), [
            'title' => $order->title,
            'client_id' => $order->client_id,
            'lab_id' => $order->lab_id,
            'remark' => $order->remark,
            'remark_for_lab' => $order->remark_for_lab,
        ]);
        try {
            DB::transaction(fn () => self::fill($copy, $order));
        } catch (\Throwable $e) {
            $copy->forceDelete();
            throw $e;
        }
        History::note($copy->id, "copied it from {$order->number}");

        return $copy;
    }

    private static function fill(Order $copy, Order $order): void
    {
        $pictures = [];
        foreach ($order->pictures()->get() as $picture) {
            $pictures[$picture->id] = OrderPicture::query()->create([
                'order_id' => $copy->id,
                'picture_id' => $picture->picture_id,
                'name' => $picture->name,
            ])->id;
        }
        // Test strips and reprints belong to what was printed then.
        foreach ($order->lines()->with('pictures')->get()->whereNull('apart') as $line) {
            $made = Line::query()->create([
                ...$line->only(['number', 'wanted', 'size_key', 'remark', 'remark_for_lab']),
                'order_id' => $copy->id,
            ]);
            foreach ($line->pictures as $at) {
                $made->pictures()->create(['place' => $at->place, 'order_picture_id' => $pictures[$at->order_picture_id]]);
            }
        }
    }
}
