<?php

declare(strict_types=1);

namespace App\Making;

use App\Files\CannotKeep;
use App\Files\Disk;
use App\Files\DiskAway;
use App\Models\Line;
use App\Models\MadeFile;
use App\Pictures\PictureStore;
use App\States\Moves;
use App\Workers\Holder;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\LostConnectionDetector;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Str;
use Planisher\Imaging\FileMaker;
use Planisher\Imaging\Files\CannotWrite;
use Planisher\Imaging\Files\NoRoom;
use Planisher\Imaging\Files\OurFault;
use Planisher\Imaging\Sources\Sources;
use Planisher\Order\WorkedLine;
use Planisher\State\FileState;
use Planisher\State\LineState;
use Planisher\State\SetState;

/**
 * Makes the files of one line, or some of them, from one source: a set's picture is decoded once. Doing it twice gives the
 * same bytes once; a worker that dies half-way leaves nothing under the final name, and the next one makes it.
 */
final class MakeFiles implements ShouldQueue
{
    use Dispatchable, InteractsWithQueue, Queueable;

    /** As often as the disk is away; workers that died on it are counted apart (LostJobRecovery). */
    public int $tries = 0;

    /** While the studio's disk can't be reached, or is full, it is tried again so much later, and later each time. */
    private const AWAY_SECONDS = 5;

    private const MOST_AWAY_SECONDS = 30;

    private const TELL_EVERY_SECONDS = 0.4;

    private const DATABASE_WAITS = 60;

    /** A job may take so long, whatever it makes, and a second more for so many pixels: a twentieth of what a slow machine does. */
    private const LEAST_SECONDS = 600;

    private const PIXELS_A_SECOND = 200_000;

    /** Below what a queue waits before it gives a job out once more (config/queue.php). */
    private const MOST_SECONDS = 5 * 3600;

    /** In place of the queue's own limit. */
    public int $timeout;

    /**
     * @param  non-empty-list<int>  $fileIds  of one line in one make
     * @param  int  $pixels  of all of them
     */
    public function __construct(public readonly array $fileIds, int $pixels = 0)
    {
        $this->timeout = min(self::MOST_SECONDS, self::LEAST_SECONDS + intdiv($pixels, self::PIXELS_A_SECOND));
    }

    public function handle(PictureStore $pictures, Disk $disk, Zip $zip): void
    {
        $files = MadeFile::query()->with('make')->whereKey($this->fileIds)->get()->sortBy('id');
        $sources = null;
        foreach ($files as $file) {
            if (! $this->claim($file)) {
                continue;
            }
            try {
                $before = MadeBefore::take($file, $disk);
                if ($before !== null) {
                    ExportFolder::put($file, (string) $before->sha256);
                    $same = ['made_before' => $before->make->folder, ...$before->only('bytes', 'sha256', 'read_back')];
                    self::finish($file, $same, $zip);

                    continue;
                }
                [$worked, $originals] = $sources ??= self::sources($file, $pictures);
                $planned = array_column($worked->plan?->all() ?? [], null, 'name');
                $plan = $planned[$file->name] ?? throw CannotMake::noSuchFile();
                $began = hrtime(true);
                $made = FileMaker::make(
                    $plan,
                    $originals,
                    dirname($disk->workshop($file->key())),
                    $plan->isForScreen ? null : $worked->lab->maxBytes,
                    self::teller($file),
                );
                $disk->settle($file->key(), $made->readBack->sha256);
                $took = (hrtime(true) - $began) / 1e9;
                ExportFolder::put($file, $made->readBack->sha256);
                self::finish(
                    $file,
                    [
                        'seconds' => $took,
                        'bytes' => $made->readBack->bytes,
                        'sha256' => $made->readBack->sha256,
                        'read_back' => $made->readBack->toArray(),
                    ],
                    $zip,
                );
            } catch (DiskAway|NoRoom $e) {
                $this->later($file, $e instanceof NoRoom ? "{$e->getMessage()} It goes on by itself." : $e->getMessage());

                return;
            } catch (\Throwable $e) {
                if ((new LostConnectionDetector())->causedByLostConnection($e)) {
                    $this->later($file, 'The database couldn’t be reached for a moment. It goes on by itself.');

                    return;
                }
                $why = self::why(self::trueCause($e, $file, $pictures), $file);
                self::letGo($file, FileState::Failed, ['error' => $why]);
            }
        }
    }

    /** What it needs is away: it waits, and is tried again, later each time. */
    private function later(MadeFile $file, string $why): void
    {
        self::letGo($file, FileState::Waiting, ['percent' => 0, 'error' => $why]);
        $this->release(min(self::MOST_AWAY_SECONDS, self::AWAY_SECONDS * $this->attempts()));
    }

    /** A picture that was taken away, or replaced, while it was read can't be unpacked, either: that isn't the picture's fault. */
    private static function trueCause(\Throwable $e, MadeFile $file, PictureStore $pictures): \Throwable
    {
        if (! ($e instanceof CannotWrite) || $e instanceof OurFault) {
            return $e;
        }
        try {
            self::sources($file, $pictures);
        } catch (CannotWrite $truer) {
            return $truer;
        }

        return $e;
    }

    /**
     * Takes a file for this worker alone, unless its set is held: a job that was queued twice makes it once. A job that comes again since
     * its worker died takes what that one had.
     */
    private function claim(MadeFile $file): bool
    {
        $job = (string) $this->job?->getJobId();
        $free = MadeFile::query()
            ->whereKey($file->id)
            ->where(
                fn (Builder $query) => $query
                    ->where('state', FileState::Waiting)
                    ->orWhere(fn (Builder $held) => $held->where('state', FileState::Making)->where('held_by', 'like', "%:{$job}")),
            )
            ->whereHas('make', fn (Builder $make) => $make->where('state', SetState::Running));
        $with = ['percent' => 0, 'error' => null, 'held_by' => Holder::me()->mark($job)];
        $isMine = Moves::all($free, FileState::unfinished(), FileState::Making, $with);

        return $isMine === 1 && $file->refresh()->exists;
    }

    /** What is told of it: what can't be written in its own words, all else under an id that is logged. */
    private static function why(\Throwable $e, MadeFile $file): string
    {
        if (($e instanceof CannotWrite && ! ($e instanceof OurFault)) || $e instanceof CannotKeep) {
            return ucfirst($e->getMessage());
        }
        $id = Str::lower(Str::random(8));
        Log::error("[{$id}] making file {$file->id}: {$e->getMessage()}", ['exception' => $e]);

        return "Something went wrong on our side. It was noted as {$id}.";
    }

    /** After five workers have died on it. */
    public function failed(?\Throwable $e): void
    {
        $left = MadeFile::query()->whereKey($this->fileIds)->get()->whereIn('state', FileState::unfinished());
        $why = 'The program that makes it stopped several times on this file. Nothing half-made was kept.';
        $left->each(fn (MadeFile $file) => self::letGo($file, FileState::Failed, ['error' => $why]));
    }

    /**
     * The line of a file as its ticket has it, and its pictures, each as it was when it was measured.
     *
     * @return array{WorkedLine, Sources}
     */
    private static function sources(MadeFile $file, PictureStore $pictures): array
    {
        $worked = Ticket::work($file->ticket);
        if ($worked->plan === null || $worked->isStopped()) {
            throw CannotMake::stopped($worked->worst());
        }
        $paths = [];
        foreach (Sources::in($worked->plan->shown) as $picture) {
            $path = $pictures->verified($picture);
            $paths[$picture->sha256] = is_string($path) ? $path : throw CannotMake::without($path);
        }
        foreach (Sources::marksIn(...$worked->plan->all()) as $mark) {
            $path = $pictures->verifiedMark($mark);
            $paths[$mark->sha256] = is_string($path) ? $path : throw CannotMake::without($path);
        }

        return [$worked, Sources::originals($paths, $worked->plan->all(), $pictures->profiles)];
    }

    /** @return callable(int): void */
    private static function teller(MadeFile $file): callable
    {
        $told = microtime(true);

        return function (int $percent) use ($file, &$told): void {
            if (microtime(true) - $told >= self::TELL_EVERY_SECONDS) {
                $told = microtime(true);
                rescue(
                    fn () => MadeFile::query()
                        ->whereKey($file->id)
                        ->update(['percent' => min(99, $percent)]),
                    report: false,
                );
            }
        };
    }

    /** @param  array<string, mixed>  $made  its bytes, sha256 and read_back, and how it came to be */
    private static function finish(MadeFile $file, array $made, Zip $zip): void
    {
        if ($file->sha256 !== null && $file->sha256 !== $made['sha256']) {
            throw CannotMake::otherBytes();
        }
        self::letGo($file, FileState::Made, ['percent' => 100, 'error' => null, ...$made]);
        $isLast = MadeFile::query()->where('make_id', $file->make_id)->whereIn('state', FileState::unfinished())->doesntExist();
        if ($isLast) {
            PackZip::unlessReady($file->make, $zip);
        }
    }

    /**
     * Says what became of a file, and gives it free. A machine that was cut off and taken for dead finds on its return that its file was
     * given to another: that one counts.
     *
     * @param  array<string, mixed>  $with  what is written besides
     */
    private static function letGo(MadeFile $file, FileState $to, array $with): void
    {
        // All of it or nothing: it may be tried again.
        $let = function () use ($file, $to, $with): void {
            $now = MadeFile::query()->whereKey($file->id)->lockForUpdate()->first();
            if (! ($now instanceof MadeFile) || $now->held_by !== $file->held_by) {
                return;
            }
            Moves::one($now, $to);
            $now->update(['held_by' => null, ...$with]);
            $to === FileState::Made && self::lineMade($file);
        };
        self::surely(fn () => DB::transaction($let));
    }

    /** A line is made when all of its files are, as it was when making was asked for. */
    private static function lineMade(MadeFile $file): void
    {
        $allMade = MadeFile::query()
            ->where(['make_id' => $file->make_id, 'line_id' => $file->line_id])
            ->where('state', '!=', FileState::Made)
            ->doesntExist();
        if ($allMade && ! $file->make->is_for_screens) {
            $line = Line::query()->whereKey($file->line_id)->where('version', $file->line_version);
            Moves::all($line, [LineState::Passed], LineState::Made);
        }
    }

    /** A file that is made must not be lost for a database that is away for a moment. */
    private static function surely(callable $write): void
    {
        retry(self::DATABASE_WAITS, $write, 1000);
    }
}
