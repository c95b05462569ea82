<?php

declare(strict_types=1);

namespace App\Parcels;

use App\Files\CannotKeep;
use App\Files\LaterZip;
use App\Models\Parcel;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;

/** Packs the ZIP of a parcel that is too large for somebody to wait for. */
final class PackParcelZip implements ShouldBeUnique, ShouldQueue
{
    use Dispatchable, InteractsWithQueue, Queueable;

    public int $uniqueFor = LaterZip::LONGEST_SECONDS;

    public function __construct(public readonly int $parcelId) {}

    public static function unlessReady(Parcel $parcel, ParcelZip $zip): void
    {
        if (! $zip->isReady($parcel) && self::later($parcel->id)->begins()) {
            self::dispatch($parcel->id);
        }
    }

    public static function later(int $parcelId): LaterZip
    {
        return new LaterZip("parcel-{$parcelId}");
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
            self::later($this->parcelId)->ended();
        } catch (CannotPack|CannotKeep $e) {
            self::later($this->parcelId)->failed($e->getMessage());
        }
    }

    /** Whatever else went wrong is in the log: it is under way no more, and begun anew when it is asked for. */
    public function failed(): void
    {
        self::later($this->parcelId)->ended();
    }
}
