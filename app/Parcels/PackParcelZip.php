<?php

declare(strict_types=1);

namespace App\Parcels;

use App\Files\CannotKeep;
use App\Models\Parcel;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;
use Illuminate\Support\Facades\Cache;

/** Packs the ZIP of a parcel that is too large for somebody to wait for. */
final class PackParcelZip implements ShouldBeUnique, ShouldQueue
{
    use Dispatchable, InteractsWithQueue, Queueable;

    private const LONGEST_SECONDS = 3600;

    public int $uniqueFor = self::LONGEST_SECONDS;

    public function __construct(public readonly int $parcelId) {}

    public static function unlessReady(Parcel $parcel): void
    {
        if (! app(ParcelZip::class)->isReady($parcel)) {
            Cache::put(self::key($parcel->id), true, self::LONGEST_SECONDS);
            self::dispatch($parcel->id);
        }
    }

    public static function isUnderWay(Parcel $parcel): bool
    {
        return Cache::get(self::key($parcel->id)) === true;
    }

    /** Why it couldn't be packed the last time, told once: then it is tried again. */
    public static function whyNot(Parcel $parcel): ?string
    {
        $why = Cache::get(self::key($parcel->id));

        return is_string($why) && Cache::forget(self::key($parcel->id)) ? $why : null;
    }

    private static function key(int $parcelId): string
    {
        return "packing-parcel-{$parcelId}";
    }

    public function uniqueId(): string
    {
        return (string) $this->parcelId;
    }

    public function handle(ParcelZip $zip): void
    {
        $parcel = Parcel::query()->find($this->parcelId);
        try {
            $parcel === null || $zip->of($parcel);
            Cache::forget(self::key($this->parcelId));
        } catch (CannotPack|CannotKeep $e) {
            Cache::put(self::key($this->parcelId), $e->getMessage(), self::LONGEST_SECONDS); // whoever asks for it is told
        }
    }
}
