<?php

declare(strict_types=1);

namespace App\Orders;

use App\Files\Disk;
use App\Models\Make;
use App\Models\Order;
use App\Models\Parcel;
use Illuminate\Support\Carbon;

/** Orders that were removed: kept for thirty days, then gone with what was made of them. Originals stay in the studio's store. */
final class Removed
{
    public const DAYS = 30;

    public function __construct(private readonly Disk $disk) {}

    /** @return int how many orders went */
    public function sweep(): int
    {
        $gone = Order::onlyTrashed()
            ->where('deleted_at', '<', Carbon::now()->subDays(self::DAYS))
            ->get();
        foreach ($gone as $order) {
            $folders = Make::query()
                ->where('order_id', $order->id)
                ->get()
                ->map(fn (Make $make): string => $make->home())
                ->push(Parcel::home($order->id));
            $order->forceDelete();
            $folders->each($this->disk->clear(...));
        }

        return $gone->count();
    }
}
