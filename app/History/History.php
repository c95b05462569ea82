<?php

declare(strict_types=1);

namespace App\History;

use App\Models\Line;
use App\Models\OrderEvent;
use App\Models\User;
use Illuminate\Support\Carbon;
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

    /**
     * What was done to several lines at once.
     *
     * @param  list<array{Line, ?string}>  $done
     */
    public static function noteEach(int $orderId, array $done): void
    {
        $noted = array_values(array_filter($done, fn (array $one): bool => $one[1] !== null));
        if (count($noted) === 1) {
            self::note($orderId, (string) $noted[0][1], $noted[0][0]);

            return;
        }
        $person = Auth::user();
        $who = $person instanceof User ? $person->name : 'Planisher';
        $now = Carbon::now();
        OrderEvent::query()->insert(
            array_map(
                fn (array $one): array => [
                    'order_id' => $orderId,
                    'line_number' => $one[0]->number,
                    'who' => $who,
                    'what' => mb_strimwidth((string) $one[1], 0, self::LONGEST, '…'),
                    'created_at' => $now,
                    'updated_at' => $now,
                ],
                $noted,
            ),
        );
    }
}
