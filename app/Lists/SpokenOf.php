<?php

declare(strict_types=1);

namespace App\Lists;

use App\Models\Order;
use App\Models\OrderPicture;
use App\Models\Studio;
use App\Models\StudioMark;
use Planisher\Language\Known;

/** What words about an order can be about: its lab, its pictures, the studio's marks and unit. */
final readonly class SpokenOf
{
    /** @param  list<string>  $pictures  by name, in the order's order */
    private function __construct(public Known $known, public array $pictures) {}

    public static function in(Order $order): self
    {
        return new self(
            new Known(
                $order->lab->labCard(),
                array_values(StudioMark::query()->orderBy('id')->pluck('name')->all()),
                Studio::current()->unit,
            ),
            array_values($order->pictures->map(fn (OrderPicture $picture): string => $picture->name)->all()),
        );
    }
}
