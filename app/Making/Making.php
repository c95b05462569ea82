<?php

declare(strict_types=1);

namespace App\Making;

use App\Files\Disk;
use App\History\History;
use App\Lines\Computation;
use App\Lines\WorkedOrder;
use App\Models\Line;
use App\Models\MadeFile;
use App\Models\Make;
use App\Models\Order;
use App\Models\Studio;
use App\States\Moves;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Planisher\Naming\SafeText;
use Planisher\Order\WorkedLine;
use Planisher\OrderFile\OrderFileError;
use Planisher\Plan\PlannedFile;
use Planisher\State\FileState;
use Planisher\State\LineState;
use Planisher\State\SetState;

/** Starts the making of an order's passed lines: a folder of its own, a ticket a file, a job a line. */
final class Making
{
    public function __construct(private readonly Computation $computation, private readonly Disk $disk) {}

    /**
     * The set that is being made is given where all are in it already. What has come to stop a line after it was passed, a picture that is
     * gone, a mark that it cuts, is told.
     *
     * @param  ?list<int>  $chosen  ids of lines; null for all that are passed. Chosen ones may have been made before
     */
    public function start(Order $order, ?array $chosen): Started
    {
        [$isRunning, $stopped] = [false, []];
        $makes = DB::transaction(function () use ($order, $chosen, &$isRunning, &$stopped): array {
            Order::query()->whereKey($order->id)->lockForUpdate()->first();
            $worked = $this->computation->order($order);
            $asked = $order->lines->filter(fn (Line $line): bool => self::isWanted($line, $chosen));
            [$out, $wanted] = $asked->partition(fn (Line $line): bool => $worked->of($line)->isStopped())->all();
            $stopped = self::told($out, $worked, 'is passed, but was not made');
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

        return new Started(end($makes) ?: null, $stopped);
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
            ->where(fn (Builder $files) => $files->whereIn('state', FileState::unfinished()))
            ->get(['line_id', 'line_version', 'make_id'])
            ->filter(fn (MadeFile $file): bool => $lines->firstWhere('id', $file->line_id)?->version === $file->line_version)
            ->pluck('make_id', 'line_id')
            ->all();
    }

    /** What isn't begun waits: until somebody goes on (paused), or for good unless somebody does (stopped). */
    public function hold(Make $make, SetState $how): void
    {
        DB::transaction(function () use ($make, $how): void {
            self::move($make, $how);
            $how === SetState::Stopped && Moves::all($make->files(), [FileState::Waiting], FileState::Stopped);
        });
    }

    /** Makes what a held set still lacks. */
    public function goOn(Make $make): void
    {
        DB::transaction(function () use ($make): void {
            self::move($make, SetState::Running);
            Moves::all($make->files(), [FileState::Stopped], FileState::Waiting, ['percent' => 0]);
        });
        self::begin($make->load('files'));
    }

    private static function move(Make $make, SetState $to): void
    {
        Moves::all(Make::query()->whereKey($make->id), SetState::cases(), $to);
        $make->refresh();
    }

    /**
     * Starts the making of copies for a screen: of lines as they are now, passed or not, in a folder of their own.
     *
     * @param  ?list<int>  $chosen  ids of lines; null for all that can be made
     * @param  ScreenCopyForm  $wanted  how, as in the order file's “screenCopy”
     *
     * @throws OrderFileError
     */
    public function screenCopies(Order $order, ?array $chosen, array $wanted): Started
    {
        $stopped = [];
        $make = DB::transaction(function () use ($order, $chosen, $wanted, &$stopped): ?Make {
            Order::query()->whereKey($order->id)->lockForUpdate()->first();
            $worked = $this->computation->order($order, $wanted);
            $asked = $order->lines->filter(fn (Line $line): bool => $chosen === null || in_array($line->id, $chosen, true));
            [$out, $can] = $asked->partition(fn (Line $line): bool => $worked->of($line)->isStopped())->all();
            $stopped = self::told($out, $worked, 'was not copied');
            $lines = $can->filter(fn (Line $line): bool => $worked->of($line)->plan !== null);
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

        return new Started($make, $stopped);
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
                'ticket' => $ticket + ['shows' => FileExtent::of($file)],
                'ticket_hash' => MadeBefore::hash($ticket, $file->name),
            ]);
        }
    }

    private static function begin(?Make $make): void
    {
        $make?->files->where('state', FileState::Waiting)->groupBy('line_id')->each(self::queue(...));
    }

    /**
     * A queue that is away for a moment loses nothing: what waits and isn't on it is put there later (LostJobRecovery).
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
     * @param  Collection<int, Line>  $lines  that are stopped
     * @return list<string> which and why
     */
    private static function told(Collection $lines, WorkedOrder $worked, string $how): array
    {
        $tell = fn (Line $line): string => "Line {$line->number} {$how}: {$worked->of($line)->worst()->title}.";

        return array_values($lines->map($tell)->all());
    }

    /** @param  ?list<int>  $chosen  ids of lines; null for all that are passed. Chosen ones may have been made before */
    private static function isWanted(Line $line, ?array $chosen): bool
    {
        return $chosen === null
            ? $line->state === LineState::Passed
            : in_array($line->state, [LineState::Passed, LineState::Made], true) && in_array($line->id, $chosen, true);
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
                Moves::all(MadeFile::query()->whereKey($file->id), [FileState::Failed], FileState::Made, ['error' => null]);

                return $file->state === FileState::Failed;
            }
            for ($n = 1; $this->disk->has("{$file->key()}.damaged-{$n}"); $n++);
            $this->disk->move($file->key(), "{$file->key()}.damaged-{$n}");
        }
        $taken = Moves::all(
            MadeFile::query()->whereKey($file->id),
            [FileState::Failed, FileState::Made, FileState::Stopped],
            FileState::Waiting,
            ['percent' => 0, 'error' => null, 'held_by' => null],
        );
        if ($taken === 1) {
            // Of a stopped set this file alone is wanted; what else was stopped stays so. A paused one waits with the others.
            Moves::all(Make::query()->whereKey($file->make_id), [SetState::Stopped], SetState::Running);
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
