<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Making\ExportFolder;
use App\Making\MadeBefore;
use App\Making\Ticket;
use App\Models\Line;
use App\Models\MadeFile;
use App\Pictures\PictureStore;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Str;
use Planisher\Imaging\Sources\Sources;
use Planisher\Imaging\Write\CannotWrite;
use Planisher\Imaging\Write\FileMaker;
use Planisher\Order\WorkedLine;

/**
 * Makes the files of one line, or some of them, from one source: a set's picture is decoded once. Doing it twice gives the
 * same bytes once; a worker that dies half-way leaves nothing under the final name, and the next one makes it.
 */
final class MakeFiles implements ShouldQueue
{
    use Dispatchable, InteractsWithQueue, Queueable;

    /** Tries are only used up by workers that died. */
    public int $tries = 5;

    private const TELL_EVERY_SECONDS = 0.4;

    private const DATABASE_WAITS = 60;

    /** @param  non-empty-list<int>  $fileIds  of one line in one make */
    public function __construct(public readonly array $fileIds) {}

    public function handle(PictureStore $pictures): void
    {
        $files = MadeFile::query()->with('make')->whereKey($this->fileIds)->get()->sortBy('id');
        $sources = null;
        foreach ($files as $file) {
            if (! $this->claim($file)) {
                continue;
            }
            try {
                $before = MadeBefore::take($file);
                if ($before !== null) {
                    ExportFolder::put($file, (string) $before->sha256);
                    $same = ['made_before' => $before->make->folder, ...$before->only('bytes', 'sha256', 'read_back')];
                    self::surely(fn () => self::finish($file, $same));

                    continue;
                }
                [$worked, $originals] = $sources ??= self::sources($file, $pictures);
                $planned = array_column($worked->plan?->all() ?? [], null, 'name');
                $plan = $planned[$file->name] ?? throw new CannotWrite('The line makes no file of this name any more.');
                $began = hrtime(true);
                $made = FileMaker::make(
                    $plan,
                    $originals,
                    dirname($file->path()),
                    $plan->isForScreen ? null : $worked->lab->maxBytes,
                    self::teller($file),
                );
                $took = (hrtime(true) - $began) / 1e9;
                ExportFolder::put($file, $made->readBack->sha256);
                self::surely(
                    fn () => self::finish($file, [
                        'seconds' => $took,
                        'bytes' => $made->readBack->bytes,
                        'sha256' => $made->readBack->sha256,
                        'read_back' => $made->readBack->toArray(),
                    ]),
                );
            } catch (\Throwable $e) {
                $why = self::why($e, $file->name);
                self::surely(fn () => self::giveUp($file, $why));
            }
        }
    }

    /**
     * Takes a file for this worker alone, unless its set is held: a job that was queued twice makes it once. A job that comes again since
     * its worker died takes what that one had.
     */
    private function claim(MadeFile $file): bool
    {
        $job = $this->job?->getJobId();
        $isMine = MadeFile::query()
            ->whereKey($file->id)
            ->where(
                fn (Builder $query) => $query
                    ->where('state', MadeFile::WAITING)
                    ->orWhere(fn (Builder $held) => $held->where('state', MadeFile::MAKING)->where('held_by', 'like', "%:{$job}")),
            )
            ->whereHas('make', fn (Builder $make) => $make->whereNull('held'))
            ->update(['state' => MadeFile::MAKING, 'percent' => 0, 'held_by' => self::holder().":{$job}"]);

        return $isMine === 1 && $file->refresh()->exists;
    }

    /** What is told of it: what can't be written in its own words, all else under an id that is logged. */
    private static function why(\Throwable $e, string $name): string
    {
        if ($e instanceof CannotWrite) {
            return $e->getMessage();
        }
        $id = Str::lower(Str::random(8));
        Log::error("[{$id}] making {$name}: {$e->getMessage()}", ['exception' => $e]);

        return "Something went wrong on our side. It was noted as {$id}.";
    }

    /** After five workers have died on it. */
    public function failed(?\Throwable $e): void
    {
        $left = MadeFile::query()
            ->whereKey($this->fileIds)
            ->get()
            ->whereIn('state', [MadeFile::WAITING, MadeFile::MAKING]);
        foreach ($left as $file) {
            self::giveUp($file, 'The program that makes it stopped several times on this file. Nothing half-made was kept.');
        }
    }

    /** Who holds a file: this process on this machine. */
    public static function holder(): string
    {
        return gethostname().':'.getmypid();
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
            throw new CannotWrite("{$worked->worst()->title}. {$worked->worst()->text}");
        }
        $paths = [];
        foreach (Sources::in($worked->plan->shown) as $picture) {
            $path = $pictures->verified($picture);
            $paths[$picture->sha256] = is_string($path) ? $path : throw new CannotWrite("{$path->title}. {$path->text}");
        }
        foreach (Sources::marksIn(...$worked->plan->all()) as $mark) {
            $path = $pictures->verifiedMark($mark);
            $paths[$mark->sha256] = is_string($path) ? $path : throw new CannotWrite("{$path->title}. {$path->text}");
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
    private static function finish(MadeFile $file, array $made): void
    {
        if ($file->sha256 !== null && $file->sha256 !== $made['sha256']) {
            throw new CannotWrite(
                'Made again it came out with other bytes than before: the program has changed since. Make the whole set anew, '.
                    'so that its files go together.',
            );
        }
        $file->update(['state' => MadeFile::MADE, 'percent' => 100, 'held_by' => null, 'error' => null, ...$made]);
        $allMade = MadeFile::query()
            ->where(['make_id' => $file->make_id, 'line_id' => $file->line_id])
            ->where('state', '!=', MadeFile::MADE)
            ->doesntExist();
        if ($allMade && ! $file->make->is_for_screens) {
            Line::query()
                ->whereKey($file->line_id)
                ->where(['version' => $file->line_version, 'state' => Line::PASSED])
                ->update(['state' => Line::MADE]);
        }
        $isLast = MadeFile::query()
            ->where('make_id', $file->make_id)
            ->whereIn('state', [MadeFile::WAITING, MadeFile::MAKING])
            ->doesntExist();
        if ($isLast) {
            PackZip::unlessReady($file->make);
        }
    }

    private static function giveUp(MadeFile $file, string $why): void
    {
        $file->update(['state' => MadeFile::FAILED, 'held_by' => null, 'error' => $why]);
    }

    /** A file that is made must not be lost for a database that is away for a moment. */
    private static function surely(callable $write): void
    {
        retry(self::DATABASE_WAITS, $write, 1000);
    }
}
