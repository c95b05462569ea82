<?php

declare(strict_types=1);

namespace App\Recovery;

use App\Making\MakeFiles;
use App\Models\MadeFile;
use App\Models\Parcel;
use App\Parcels\AskLab;
use App\Parcels\SendParcel;
use App\States\Moves;
use App\Workers\Holder;
use App\Workers\Machines;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Query\Builder as Query;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Planisher\Parcel\ParcelState;
use Planisher\State\FileState;
use Planisher\State\SetState;

/**
 * What dead workers held is done by others. A worker of this machine is dead when its process is gone; one of another machine when that
 * machine has said nothing for a while. All of it may be done twice, by several machines at once: a job that comes again finds done what
 * is done.
 */
final class LostJobRecovery
{
    /** A job that has taken so many workers with it isn't given to another. */
    private const MOST_DEATHS = 5;

    /** A job is noted as soon as it is taken: one that isn't by then was taken by a worker that died, or lost the database, in between. */
    private const UNNOTED_SECONDS = 15;

    /** What waits for so long, while nothing of it is on the queue, has been lost by the queue. */
    private const LOST_SECONDS = 60;

    private const LOST_MINUTES = 20;

    /** @var array<string, array{seconds: float, workers: int}> */
    private array $machines;

    public function __construct()
    {
        $this->machines = Machines::all();
    }

    /** @return list<string> what was handed back, in words */
    public function all(): array
    {
        $said = [];
        foreach (
            MadeFile::query()
                ->where('state', FileState::Making)
                ->where('held_by', '!=', '')
                ->get(['id', 'held_by']) as $file
        ) {
            if ($this->isDead((string) $file->held_by)) {
                Moves::all(self::heldAs($file), [FileState::Making], FileState::Waiting, ['percent' => 0, 'held_by' => null]);
                $said[] = "file {$file->id}, whose worker {$file->held_by} is gone";
            }
        }
        foreach (
            Parcel::query()
                ->where('held_by', '!=', '')
                ->get(['id', 'held_by']) as $parcel
        ) {
            if ($this->isDead((string) $parcel->held_by)) {
                self::heldAs($parcel)->update(['held_by' => null]);
                $said[] = "parcel {$parcel->id}, whose worker {$parcel->held_by} is gone";
            }
        }
        foreach (DB::table('jobs_in_hand')->get() as $row) {
            if ($this->isDead((string) $row->holder)) {
                self::again($row);
            }
        }

        self::unnoted();

        return [...$said, ...self::lost()];
    }

    private function isDead(string $mark): bool
    {
        $holder = Holder::of($mark);
        $seen = $this->machines[$holder->machine]['seconds'] ?? INF;

        return $holder->isHere() ? ! $holder->isAlive() : $seen > Machines::GONE_SECONDS;
    }

    /** @return Builder<covariant MadeFile|Parcel> it, while the dead one holds it */
    private static function heldAs(MadeFile|Parcel $held): Builder
    {
        return $held->newQuery()->whereKey($held->id)->where('held_by', $held->held_by);
    }

    /** Puts a dead worker's job on the queue once more: first that, then it is forgotten; in between it may come twice. */
    private static function again(\stdClass $row): void
    {
        /** @var array{data?: array{command?: string}, deaths?: int} $payload */
        $payload = (array) json_decode((string) $row->payload, true);
        $payload['deaths'] = ($payload['deaths'] ?? 0) + 1;
        if ($payload['deaths'] < self::MOST_DEATHS) {
            Queue::connection()->pushRaw(json_encode($payload, JSON_THROW_ON_ERROR), (string) $row->queue);
        } else {
            $job = unserialize((string) ($payload['data']['command'] ?? ''));
            is_object($job) && method_exists($job, 'failed') && $job->failed(null);
        }
        // The queue in the database would give it out a second time, when it has waited long enough for the dead one.
        if (config('queue.connections.'.config('queue.default').'.driver') === 'database') {
            DB::table('jobs')->where('id', $row->job_id)->whereNotNull('reserved_at')->delete();
        }
        DB::table('jobs_in_hand')->where('holder', $row->holder)->delete();
    }

    /** The queue in the database would give such a job out again only when it has waited long enough for its worker. */
    private static function unnoted(): void
    {
        DB::table('jobs')
            ->where('reserved_at', '<', time() - self::UNNOTED_SECONDS)
            ->whereNotExists(fn (Query $note) => $note->from('jobs_in_hand')->whereColumn('jobs_in_hand.job_id', 'jobs.id'))
            ->update(['reserved_at' => null]);
    }

    /**
     * What waits for a worker and isn't on the queue: it was lost with the queue or with its worker, or couldn't be put there. What a
     * worker has taken doesn't count: where it lives, it finds done what is done.
     *
     * @return list<string>
     */
    private static function lost(): array
    {
        if (Queue::pendingSize('default') + Queue::delayedSize('default') > 0) {
            return []; // it will be its turn
        }
        $since = Carbon::now()->subSeconds(self::LOST_SECONDS);
        $files = MadeFile::query()
            ->where('state', FileState::Waiting)
            ->where('updated_at', '<', $since)
            ->whereHas('make', fn (Builder $make) => $make->where('state', SetState::Running))
            ->get(['id', 'make_id', 'line_id', 'pixels']);
        $files
            ->groupBy(fn (MadeFile $file): string => "{$file->make_id} {$file->line_id}")
            ->each(fn (Collection $some) => MakeFiles::dispatch(array_values($some->pluck('id')->all()), (int) $some->sum('pixels')));
        $sending = Parcel::query()
            ->where(fn (Builder $parcel) => $parcel->whereNull('held_by'))
            ->where('updated_at', '<', $since)
            ->where(
                fn (Builder $parcel) => $parcel
                    ->where('state', ParcelState::Sending->value)
                    ->orWhere(
                        fn (Builder $waiting) => $waiting->where('state', ParcelState::Waiting->value)->where('next_try_at', '<', $since),
                    ),
            )
            ->get(['id']);
        $sending->each(fn (Parcel $parcel) => SendParcel::dispatch($parcel->id));
        $unasked = Parcel::query()
            ->where(fn (Builder $parcel) => $parcel->whereNull('handed_over_on'))
            ->where('updated_at', '<', Carbon::now()->subMinutes(self::LOST_MINUTES))
            ->get(['id', 'state', 'created_at'])
            ->filter(fn (Parcel $parcel): bool => $parcel->state->isAwaited() && AskLab::isWorthIt($parcel));
        $unasked->each(fn (Parcel $parcel) => AskLab::dispatch($parcel->id));

        return [
            ...$files->map(fn (MadeFile $file): string => "file {$file->id}, which the queue had lost")->all(),
            ...$sending->merge($unasked)->map(fn (Parcel $parcel): string => "parcel {$parcel->id}, which the queue had lost")->all(),
        ];
    }
}
