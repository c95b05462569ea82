<?php

declare(strict_types=1);

namespace App\Parcels;

use App\History\History;
use App\Models\Parcel;
use App\States\Moves;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Planisher\Parcel\ParcelState;

/** Sends a parcel, has it wait, hands it over by hand: what is done with it by its page. */
final class Sending
{
    /** How long is waited, try by try, while not a byte gets over. */
    private const WAITS = [2, 5, 15, 45, 120, 300, 600];

    private const MOST_TRIES = 30;

    /**
     * Puts it on its way. Pressed twice, it goes once.
     *
     * @throws CannotPack
     */
    public static function begin(Parcel $parcel): void
    {
        if ($parcel->lab->service_url === null || $parcel->lab->service_key === null) {
            throw CannotPack::noService($parcel->lab->name);
        }
        if ($parcel->handed_over_on !== null) {
            throw CannotPack::handedOver();
        }
        $isMine = Moves::all(
            Parcel::query()->whereKey($parcel->id),
            [ParcelState::Packed, ParcelState::Stopped, ParcelState::Waiting],
            ParcelState::Sending,
            ['trouble' => null, 'tries' => 0, 'next_try_at' => null],
        );
        if ($isMine === 1) {
            History::note($parcel->order_id, "sent parcel {$parcel->number}");
            SendParcel::dispatch($parcel->id);
        }
    }

    /** What is over stays with the lab; the rest goes when somebody goes on. */
    public static function stop(Parcel $parcel): void
    {
        self::halt($parcel, null);
    }

    /** Something kept it: it is tried again by itself, later each time. */
    public static function wait(Parcel $parcel, string $why): void
    {
        $tries = $parcel->tries + 1;
        if ($tries > self::MOST_TRIES) {
            self::halt($parcel, "{$why} It was tried {$tries} times. Send it again when the lab can be reached.");

            return;
        }
        $seconds = self::WAITS[min($tries, count(self::WAITS)) - 1];
        $with = ['tries' => $tries, 'trouble' => $why, 'next_try_at' => Carbon::now()->addSeconds($seconds)];
        $isWaiting = Moves::all(Parcel::query()->whereKey($parcel->id), [ParcelState::Sending], ParcelState::Waiting, $with);
        if ($isWaiting === 1) {
            SendParcel::dispatch($parcel->id)->delay($seconds);
        }
    }

    /** It stays until somebody has mended something. */
    public static function halt(Parcel $parcel, ?string $why): void
    {
        Moves::all(Parcel::query()->whereKey($parcel->id), [ParcelState::Sending, ParcelState::Waiting], ParcelState::Stopped, [
            'trouble' => $why,
            'next_try_at' => null,
        ]);
    }

    /** All of it is with the lab; what it thinks of it is asked. */
    public static function arrived(Parcel $parcel): void
    {
        DB::transaction(function () use ($parcel): void {
            /** @var Parcel $now */
            $now = Parcel::query()->whereKey($parcel->id)->lockForUpdate()->firstOrFail();
            Moves::one($now, ParcelState::Sent);
            $now->update(['trouble' => null, 'tries' => 0, 'next_try_at' => null, 'asks' => 0]);
        });
        $parcel->refresh();
        AskLab::dispatch($parcel->id)->delay(1);
    }

    /** Handed over by hand: nothing goes by itself from then on. */
    public static function byHand(Parcel $parcel, ?string $on, ?string $note): void
    {
        DB::transaction(function () use ($parcel, $on, $note): void {
            /** @var Parcel $now */
            $now = Parcel::query()->whereKey($parcel->id)->lockForUpdate()->firstOrFail();
            if (in_array($now->state, [ParcelState::Sending, ParcelState::Waiting], true) || $now->state->isAwaited()) {
                throw CannotPack::onItsWay();
            }
            if ($on !== null && $now->handed_over_on === null) {
                History::note($now->order_id, "handed parcel {$now->number} over");
            }
            $now->update(['handed_over_on' => $on, 'receipt_note' => $note]);
        });
    }
}
