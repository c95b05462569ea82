<?php

declare(strict_types=1);

namespace App\Orders;

use App\Models\Line;
use App\Models\OrderEvent;
use App\Models\User;
use Illuminate\Support\Facades\Auth;

/** Keeps what was done to an order, and by whom, in words. */
final class History
{
    /** The same done again within so long is one act. */
    private const ONE_ACT_MINUTES = 10;

    private const LONGEST = 240;

    /** @param  ?string  $who  where it isn't the person who is signed in */
    public static function note(int $orderId, string $what, ?Line $line = null, ?string $who = null): void
    {
        $person = Auth::user();
        $who ??= $person instanceof User ? $person->name : 'Planisher';
        $what = mb_strimwidth($what, 0, self::LONGEST, '…');
        $last = OrderEvent::query()->where('order_id', $orderId)->latest('id')->first();
        $isSame =
            $last !== null &&
            [$last->who, $last->what, $last->line_number] === [$who, $what, $line?->number] &&
            $last->updated_at->addMinutes(self::ONE_ACT_MINUTES)->isFuture();
        $isSame
            ? $last->touch()
            : OrderEvent::query()->create(['order_id' => $orderId, 'line_number' => $line?->number, 'who' => $who, 'what' => $what]);
    }
}
