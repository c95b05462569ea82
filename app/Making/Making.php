<?php

declare(strict_types=1);

namespace App\Making;

use App\Jobs\MakeFiles;
use App\Lines\Computation;
use App\Models\Line;
use App\Models\MadeFile;
use App\Models\Make;
use App\Models\Order;
use App\Models\Studio;
use App\Orders\History;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Planisher\Imaging\Checksum;
use Planisher\Naming\SafeText;
use Planisher\Order\WorkedLine;
use Planisher\OrderFile\OrderFileError;
use Planisher\Plan\PlannedFile;

/** Starts the making of an order's passed lines: a folder of its own, a ticket a file, a job a line. */
final class Making
{
    public function __construct(private readonly Computation $computation) {}

    /**
     * @param  ?list<int>  $chosen  ids of lines; null for all that are passed
     * @return ?Make null when no passed line is among them
     */
    public function start(Order $order, ?array $chosen): ?Make
    {
        $make = DB::transaction(function () use ($order, $chosen): ?Make {
            Order::query()->whereKey($order->id)->lockForUpdate()->first();
            $worked = $this->computation->order($order);
            $lines = $order->lines->filter(
                fn (Line $line): bool => $line->state === Line::PASSED &&
                    ($chosen === null || in_array($line->id, $chosen, true)) &&
                    ! $worked->of($line)->isStopped(),
            );
            if ($lines->isEmpty()) {
                return null;
            }
            $make = self::folder($order, isForScreens: false);
            foreach ($lines as $line) {
                self::plan($make, $line, $worked->of($line), fn (PlannedFile $file): bool => true);
            }

            return $make;
        });
        self::begin($make);

        return $make;
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
            $make = self::folder($order, isForScreens: true);
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
            $make->files()->create([
                'line_id' => $line->id,
                'line_version' => $line->version,
                'name' => $file->name,
                'is_for_screen' => $file->isForScreen,
                'ticket' => Ticket::of($worked) + ['shows' => Shows::of($file)],
            ]);
        }
    }

    private static function begin(?Make $make): void
    {
        $make?->files->groupBy('line_id')->each(fn (Collection $files) => MakeFiles::dispatch($files->pluck('id')->all()));
    }

    /**
     * Passed lines that something has come to stop since, such as a mark that they cut: they are not made.
     *
     * @return list<string> which and why, in words
     */
    public function stopped(Order $order): array
    {
        $worked = $this->computation->order($order);

        return array_values(
            $order->lines
                ->filter(fn (Line $line): bool => $line->state === Line::PASSED && $worked->of($line)->isStopped())
                ->map(fn (Line $line): string => "Line {$line->number} is passed, but was not made: {$worked->of($line)->worst()->title}.")
                ->all(),
        );
    }

    /**
     * Puts a file on the queue once more: one that failed, or one that was made and has been lost or damaged since. A damaged
     * one is moved aside first. From the same ticket it comes out with the same bytes.
     */
    public function again(MadeFile $file): bool
    {
        if ($file->state === MadeFile::MADE && is_file($file->path())) {
            if (Checksum::of($file->path()) === $file->sha256) {
                return false;
            }
            for ($n = 1; is_file("{$file->path()}.damaged-{$n}"); $n++);
            rename($file->path(), "{$file->path()}.damaged-{$n}");
        }
        $taken = MadeFile::query()
            ->whereKey($file->id)
            ->whereIn('state', [MadeFile::FAILED, MadeFile::MADE])
            ->update(['state' => MadeFile::WAITING, 'percent' => 0, 'error' => null, 'held_by' => null]);
        if ($taken === 1) {
            MakeFiles::dispatch([$file->id]);
        }

        return $taken === 1;
    }

    /** A set in a folder of its own: orders/<number>_<client>/<date-n>, n counting the sets of a day. */
    private static function folder(Order $order, bool $isForScreens): Make
    {
        $home = (SafeText::of($order->number) ?: 'order').'_'.(SafeText::of($order->client->name) ?: 'client');
        $today = Carbon::today()->format('Y-m-d');
        $made = new Make([
            'order_id' => $order->id,
            'export_folder' => Studio::current()->export_folder,
            'is_for_screens' => $isForScreens,
        ]);
        $n = Make::query()
            ->where('order_id', $order->id)
            ->where('folder', 'like', "%/{$today}-%")
            ->count();
        do {
            $made->folder = "{$home}/{$today}-".++$n;
        } while (is_dir($made->path()) || Make::query()->where('folder', $made->folder)->exists());
        $made->save();
        History::note($order->id, $isForScreens ? 'had screen copies made' : 'had files made');

        return $made;
    }
}
