<?php

declare(strict_types=1);

namespace App\Making;

use App\Files\Disk;
use App\Jobs\MakeFiles;
use App\Lines\Computation;
use App\Models\Line;
use App\Models\MadeFile;
use App\Models\Make;
use App\Models\Order;
use App\Models\Studio;
use App\Orders\History;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Planisher\Naming\SafeText;
use Planisher\Order\WorkedLine;
use Planisher\OrderFile\OrderFileError;
use Planisher\Plan\PlannedFile;

/** Starts the making of an order's passed lines: a folder of its own, a ticket a file, a job a line. */
final class Making
{
    public function __construct(private readonly Computation $computation, private readonly Disk $disk) {}

    /**
     * @param  ?list<int>  $chosen  ids of lines; null for all that are passed. Chosen ones may have been made before
     * @return ?Make null when nothing among them is to be made; the set that is being made where all of them are in it already
     */
    public function start(Order $order, ?array $chosen): ?Make
    {
        $isRunning = false;
        $makes = DB::transaction(function () use ($order, $chosen, &$isRunning): array {
            Order::query()->whereKey($order->id)->lockForUpdate()->first();
            $worked = $this->computation->order($order);
            $wanted = $order->lines->filter(fn (Line $line): bool => self::isWanted($line, $chosen) && ! $worked->of($line)->isStopped());
            $running = self::running($wanted);
            $lines = $wanted->whereNotIn('id', array_keys($running));
            if ($lines->isEmpty()) {
                $isRunning = $running !== [];

                return $isRunning ? Make::query()->whereKey(max($running))->get()->all() : [];
            }
            $makes = [];
            // What is kept apart lies in folders of its own.
            foreach ($lines->groupBy(fn (Line $line): string => (string) $line->apart)->sortKeysDesc() as $apart => $some) {
                $make = $makes[] = $this->folder($order, isForScreens: false, apart: $apart === '' ? null : (string) $apart);
                foreach ($some as $line) {
                    self::plan($make, $line, $worked->of($line), fn (PlannedFile $file): bool => true);
                }
            }

            return $makes;
        });
        foreach ($isRunning ? [] : $makes as $make) {
            self::begin($make);
        }

        return end($makes) ?: null;
    }

    /**
     * Lines that are being made as they are now, or wait for it: pressed twice, a thing is made once.
     *
     * @param  Collection<int, Line>  $lines
     * @return array<int, int> the set they are in by their ids
     */
    private static function running(Collection $lines): array
    {
        return MadeFile::query()
            ->whereRelation('make', 'is_for_screens', false)
            ->where(fn (Builder $files) => $files->whereIn('line_id', $lines->pluck('id')))
            ->where(fn (Builder $files) => $files->whereIn('state', [MadeFile::WAITING, MadeFile::MAKING]))
            ->get(['line_id', 'line_version', 'make_id'])
            ->filter(fn (MadeFile $file): bool => $lines->firstWhere('id', $file->line_id)?->version === $file->line_version)
            ->pluck('make_id', 'line_id')
            ->all();
    }

    /** What isn't begun waits: until somebody goes on (paused), or for good unless somebody does (stopped). */
    public function hold(Make $make, string $how): void
    {
        DB::transaction(function () use ($make, $how): void {
            $make->update(['held' => $how]);
            if ($how === Make::STOPPED) {
                $make
                    ->files()
                    ->where('state', MadeFile::WAITING)
                    ->update(['state' => MadeFile::STOPPED]);
            }
        });
    }

    /** Makes what a held set still lacks. */
    public function goOn(Make $make): void
    {
        DB::transaction(function () use ($make): void {
            $make->update(['held' => null]);
            $make
                ->files()
                ->where('state', MadeFile::STOPPED)
                ->update(['state' => MadeFile::WAITING, 'percent' => 0]);
        });
        self::begin($make->load('files'));
    }

    /**
     * Starts the making of copies for a screen: of lines as they are now, passed or not, in a folder of their own.
     *
     * @param  ?list<int>  $chosen  ids of lines; null for all that can be made
     * @param  array<string, mixed>  $wanted  how, as in the order file's “screenCopy”
     * @return ?Make null when none of them can be made
     *
     * @throws OrderFileError
     */
    public function screenCopies(Order $order, ?array $chosen, array $wanted): ?Make
    {
        $make = DB::transaction(function () use ($order, $chosen, $wanted): ?Make {
            Order::query()->whereKey($order->id)->lockForUpdate()->first();
            $worked = $this->computation->order($order, $wanted);
            $lines = $order->lines->filter(
                fn (Line $line): bool => ($chosen === null || in_array($line->id, $chosen, true)) &&
                    $worked->of($line)->plan !== null &&
                    ! $worked->of($line)->isStopped(),
            );
            if ($lines->isEmpty()) {
                return null;
            }
            $make = $this->folder($order, isForScreens: true);
            foreach ($lines as $line) {
                self::plan($make, $line, $worked->of($line), fn (PlannedFile $file): bool => $file->isForScreen);
            }

            return $make;
        });
        self::begin($make);

        return $make;
    }

    /** @param  callable(PlannedFile): bool  $isWanted */
    private static function plan(Make $make, Line $line, WorkedLine $worked, callable $isWanted): void
    {
        foreach (array_filter($worked->plan?->all() ?? [], $isWanted) as $file) {
            $ticket = Ticket::of($worked);
            $make->files()->create([
                'line_id' => $line->id,
                'line_version' => $line->version,
                'name' => $file->name,
                'is_for_screen' => $file->isForScreen,
                'pixels' => $file->width * $file->height,
                'ticket' => $ticket + ['shows' => Shows::of($file)],
                'ticket_hash' => MadeBefore::hash($ticket, $file->name),
            ]);
        }
    }

    private static function begin(?Make $make): void
    {
        $make?->files->where('state', MadeFile::WAITING)->groupBy('line_id')->each(self::queue(...));
    }

    /**
     * A queue that is away for a moment loses nothing: what waits and isn't on it is put there later (HandBack).
     *
     * @param  Collection<int, MadeFile>  $files  of one line
     */
    private static function queue(Collection $files): void
    {
        rescue(function () use ($files): void {
            MakeFiles::dispatch(array_values($files->pluck('id')->all()), (int) $files->sum('pixels'));
        });
    }

    /**
     * Lines that were to be made and weren't, since something has come to stop them after they were passed: a picture that is gone, a mark
     * that they cut.
     *
     * @param  ?list<int>  $chosen  ids of lines; null for all that are passed
     * @return list<string> which and why, in words
     */
    public function stopped(Order $order, ?array $chosen): array
    {
        return $this->leftOut($order, fn (Line $line): bool => self::isWanted($line, $chosen), 'is passed, but was not made');
    }

    /**
     * The same of copies for a screen, which need no passing.
     *
     * @param  ?list<int>  $chosen  ids of lines; null for all
     * @return list<string>
     */
    public function stoppedCopies(Order $order, ?array $chosen): array
    {
        return $this->leftOut($order, fn (Line $line): bool => $chosen === null || in_array($line->id, $chosen, true), 'was not copied');
    }

    /**
     * @param  callable(Line): bool  $isWanted
     * @return list<string>
     */
    private function leftOut(Order $order, callable $isWanted, string $how): array
    {
        $worked = $this->computation->order($order);

        return array_values(
            $order->lines
                ->filter(fn (Line $line): bool => $isWanted($line) && $worked->of($line)->isStopped())
                ->map(fn (Line $line): string => "Line {$line->number} {$how}: {$worked->of($line)->worst()->title}.")
                ->all(),
        );
    }

    /** @param  ?list<int>  $chosen  ids of lines; null for all that are passed. Chosen ones may have been made before */
    private static function isWanted(Line $line, ?array $chosen): bool
    {
        return $chosen === null
            ? $line->state === Line::PASSED
            : in_array($line->state, [Line::PASSED, Line::MADE], true) && in_array($line->id, $chosen, true);
    }

    /**
     * Puts a file on the queue once more: one that failed, or one that was made and has been lost or damaged since. A damaged
     * one is moved aside first. From the same ticket it comes out with the same bytes.
     */
    public function again(MadeFile $file): bool
    {
        if ($file->sha256 !== null && $this->disk->has($file->key())) {
            if ($this->disk->isWhole($file->key(), $file->sha256)) {
                // Made is made; one that was put right again by hand is, too.
                MadeFile::query()
                    ->whereKey($file->id)
                    ->where('state', MadeFile::FAILED)
                    ->update(['state' => MadeFile::MADE, 'error' => null]);

                return $file->state === MadeFile::FAILED;
            }
            for ($n = 1; $this->disk->has("{$file->key()}.damaged-{$n}"); $n++);
            $this->disk->move($file->key(), "{$file->key()}.damaged-{$n}");
        }
        $taken = MadeFile::query()
            ->whereKey($file->id)
            ->whereIn('state', [MadeFile::FAILED, MadeFile::MADE, MadeFile::STOPPED])
            ->update(['state' => MadeFile::WAITING, 'percent' => 0, 'error' => null, 'held_by' => null]);
        if ($taken === 1) {
            // Of a stopped set this file alone is wanted; what else was stopped stays so. A paused one waits with the others.
            $file
                ->make()
                ->where('held', Make::STOPPED)
                ->update(['held' => null]);
            self::queue(new Collection([$file]));
        }

        return $taken === 1;
    }

    /**
     * Files of lines once more, to the last byte, from the tickets they were made by; apart in name and folder.
     *
     * @param  list<MadeFile>  $files
     */
    public function reprint(Order $order, array $files): Make
    {
        $make = DB::transaction(function () use ($order, $files): Make {
            Order::query()->whereKey($order->id)->lockForUpdate()->first();
            $make = $this->folder($order, isForScreens: false, apart: self::nextReprint($order));
            foreach ($files as $file) {
                $named = fn (string $name): string => pathinfo($name, PATHINFO_FILENAME).
                    "_{$make->apart}.".
                    pathinfo($name, PATHINFO_EXTENSION);
                $ticket = ['names' => array_map($named, $file->ticket['names'])] + $file->ticket;
                $make->files()->create([
                    'name' => $named($file->name),
                    'ticket' => $ticket,
                    'ticket_hash' => MadeBefore::hash(array_diff_key($ticket, ['shows' => true]), $named($file->name)),
                    ...$file->only('line_id', 'line_version', 'pixels', 'sha256'),
                ]);
            }

            return $make;
        });
        self::begin($make);

        return $make;
    }

    /** “reprint-1”, “reprint-2” */
    public static function nextReprint(Order $order): string
    {
        $taken = [...$order->makes()->pluck('apart')->all(), ...Line::withTrashed()->where('order_id', $order->id)->pluck('apart')->all()];
        for ($n = 1; in_array("reprint-{$n}", $taken, true); $n++);

        return "reprint-{$n}";
    }

    /**
     * A set in a folder of its own: orders/<number>_<client>/<date-n>, n counting the sets of a day; what is kept apart says so in its
     * folder.
     */
    private function folder(Order $order, bool $isForScreens, ?string $apart = null): Make
    {
        $home = (SafeText::of($order->number) ?: 'order').'_'.(SafeText::of($order->client->name) ?: 'client');
        $today = Carbon::today()->format('Y-m-d');
        $made = new Make([
            'order_id' => $order->id,
            'export_folder' => Studio::current()->export_folder,
            'is_for_screens' => $isForScreens,
            'apart' => $apart,
        ]);
        $n = Make::query()
            ->where('order_id', $order->id)
            ->where('folder', 'like', "%/{$today}-%")
            ->count();
        do {
            $made->folder = "{$home}/{$today}-".++$n.($apart === null ? '' : "_{$apart}");
        } while ($this->disk->isTaken($made->home()) || Make::query()->where('folder', $made->folder)->exists());
        $made->save();
        History::note($order->id, $isForScreens ? 'had screen copies made' : 'had files made');

        return $made;
    }
}
