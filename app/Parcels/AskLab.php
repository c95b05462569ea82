<?php

declare(strict_types=1);

namespace App\Parcels;

use App\Models\Parcel;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;
use Illuminate\Support\Carbon;

/** Asks a lab how it is with a parcel, now and then, until nothing more can come of it. */
final class AskLab implements ShouldQueue
{
    use Dispatchable, InteractsWithQueue, Queueable;

    public int $tries = 5;

    private const LONGEST_WAIT = 600;

    private const MOST_DAYS = 60;

    /** @param  bool  $isOnce  asked because somebody looks; it doesn't go on by itself */
    public function __construct(public readonly int $parcelId, public readonly bool $isOnce = false) {}

    /** Nothing comes of a parcel after so long. */
    public static function isWorthIt(Parcel $parcel): bool
    {
        return $parcel->created_at->addDays(self::MOST_DAYS)->isFuture();
    }

    public function handle(): void
    {
        $parcel = Parcel::query()->with('lab')->find($this->parcelId);
        if ($parcel === null || ! $parcel->state->isAwaited() || $parcel->handed_over_on !== null) {
            return;
        }
        $parcel->update(['asked_at' => Carbon::now(), 'asks' => min(1000, $parcel->asks + 1)]);
        try {
            $answer = LabService::of($parcel->lab)?->how($parcel->key);
            $answer === null || Answered::take($parcel, $answer);
        } catch (LabAway $e) {
            $parcel->update(['trouble' => "{$e->getMessage()} It is asked again by itself."]);
        } catch (LabRefuses $e) {
            $parcel->update(['trouble' => $e->getMessage()]);
        }
        if (! $this->isOnce && $parcel->refresh()->state->isAwaited() && self::isWorthIt($parcel)) {
            self::dispatch($parcel->id)->delay(min(self::LONGEST_WAIT, 2 ** min(10, $parcel->asks)));
        }
    }
}
