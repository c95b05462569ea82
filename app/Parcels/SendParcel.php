<?php

declare(strict_types=1);

namespace App\Parcels;

use App\Models\Parcel;
use App\Models\ParcelFile;
use App\States\Moves;
use App\Workers\Holder;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;
use Planisher\Parcel\Manifest;
use Planisher\Parcel\ParcelState;

/**
 * Sends a parcel's files piece by piece, and goes on where it broke off: the lab knows how much it has. A worker that dies is followed by
 * the next; two never send the same.
 */
final class SendParcel implements ShouldQueue
{
    use Dispatchable, InteractsWithQueue, Queueable;

    /** Tries are only used up by workers that died. */
    public int $tries = 50;

    /** What nobody foresaw is tried again so much later, in seconds. */
    public int $backoff = 30;

    /** A job sends so long, then another goes on: a worker isn't kept from making files. */
    private const MOST_SECONDS = 300;

    public function __construct(public readonly int $parcelId) {}

    public function handle(Packing $packing): void
    {
        $job = $this->job?->getJobId();
        $holder = Holder::me()->mark((string) $job);
        $free = Parcel::query()
            ->whereKey($this->parcelId)
            // A job that comes again since its worker died takes what that one had.
            ->where(fn (Builder $free) => $free->whereNull('held_by')->orWhere('held_by', 'like', $job === null ? '' : "%:{$job}"));
        $with = ['held_by' => $holder, 'next_try_at' => null];
        if (Moves::all($free, [ParcelState::Sending, ParcelState::Waiting], ParcelState::Sending, $with) !== 1) {
            return;
        }
        $parcel = Parcel::query()->with('lab', 'files.madeFile.make')->findOrFail($this->parcelId);
        try {
            $this->send($parcel, $packing);
        } catch (CannotPack|LabRefuses $e) {
            Sending::halt($parcel, $e->getMessage());
        } catch (LabAway $e) {
            Sending::wait($parcel->refresh(), $e->getMessage());
        } finally {
            Parcel::query()
                ->whereKey($this->parcelId)
                ->where('held_by', $holder)
                ->update(['held_by' => null]);
        }
    }

    public function failed(?\Throwable $e): void
    {
        $parcel = Parcel::query()->find($this->parcelId);
        $parcel === null ||
            Sending::halt($parcel, 'The program that sends it stopped several times. What is over stays with the lab; send it again.');
    }

    private function send(Parcel $parcel, Packing $packing): void
    {
        $lab = LabService::of($parcel->lab) ?? throw LabRefuses::noService($parcel->lab->name);
        $packing->mendPapers($parcel);
        $have = $lab->announce(Manifest::json($parcel->manifest), $parcel->key);
        $until = time() + self::MOST_SECONDS;
        foreach ($parcel->files as $file) {
            $file->setRelation('parcel', $parcel);
            if (in_array($file->sha256, $have, true)) {
                $file->update(['sent' => $file->bytes]);

                continue;
            }
            if (! self::over($packing, $lab, $parcel, $file, $until)) {
                return;
            }
        }
        $answer = $lab->complete($parcel->key);
        Sending::arrived($parcel);
        Answered::take($parcel, $answer);
    }

    /** @return bool whether all of it is there; not where somebody stopped it, or another job goes on */
    private static function over(Packing $packing, LabService $lab, Parcel $parcel, ParcelFile $file, int $until): bool
    {
        $packing->mend($file);
        $at = $file->upload === null ? null : $lab->arrived($file->upload);
        if ($at === null) {
            $file->update(['upload' => $lab->begin($file->name, $file->bytes, $file->sha256), 'sent' => 0]);
            $at = 0;
        }
        $stream = fopen($file->path(), 'r') ?: throw CannotPack::unreadable($file->name);
        try {
            while ($at < $file->bytes) {
                if (Parcel::query()->whereKey($parcel->id)->value('state') !== ParcelState::Sending) {
                    return false;
                }
                if (time() > $until) {
                    self::dispatch($parcel->id);

                    return false;
                }
                $at = $lab->send((string) $file->upload, $stream, $at, min(LabService::PIECE, $file->bytes - $at));
                $file->update(['sent' => $at]);
                $parcel->tries > 0 && $parcel->update(['tries' => 0]); // it gets over: the next wait is a short one
            }
        } finally {
            fclose($stream);
        }

        return true;
    }
}
