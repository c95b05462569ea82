<?php

declare(strict_types=1);

namespace App\Parcels;

use App\Lines\KeptLineViews;
use App\Making\Ticket;
use App\Models\Line;
use App\Models\MadeFile;
use App\Models\Order;
use App\Models\Parcel;
use Illuminate\Support\Collection;
use Planisher\Line\LineKeys;
use Planisher\Parcel\ParcelItem;
use Planisher\Parcel\ParcelState;
use Planisher\State\FileState;
use Planisher\State\LineState;

/**
 * What of an order may go to the lab, and why the rest may not: only what is passed, made, read back and the same since goes.
 *
 * @phpstan-type Row array{
 *     line: Line, short: string, goes: GoesShape, canPass: bool, files: Collection<int, MadeFile>, why: ?string, parcel: ?Parcel,
 * }
 */
final class Contents
{
    public function __construct(private readonly KeptLineViews $lines) {}

    /**
     * All lines of an order that are printed.
     *
     * @return list<Row>
     */
    public function of(Order $order): array
    {
        $told = $this->lines->of($order)->told;
        $newest = $this->newest($order);
        $packed = self::packed($order);
        $all = [];
        foreach ($order->lines as $line) {
            ['short' => $short, 'goes' => $goes, 'canPass' => $canPass] = $told[$line->id];
            if ($goes === null) {
                continue; // nothing of it is printed
            }
            $files = $newest[$line->id] ?? new Collection();
            $all[] = [
                'line' => $line,
                'short' => $short,
                'goes' => $goes,
                'canPass' => $canPass,
                'files' => $files,
                'why' => self::why($line, $files),
                'parcel' => $files->isEmpty() ? null : $packed[$files[0]->id] ?? null,
            ];
        }

        return $all;
    }

    /** The line as its file was made, with what is wanted of the lab as it is now: that changes nothing of the file. */
    public static function item(MadeFile $file, Line $line, string $sha256, int $bytes): ParcelItem
    {
        $ticket = $file->ticket;
        $ofLab = LineKeys::common()->ofLabs();
        $ticket['line'] = $ofLab->notIn($ticket['line']) + $ofLab->in($line->wanted);

        return ParcelItem::of(Ticket::work($ticket), $line->number, $file->name, $bytes, $sha256, $line->remark_for_lab);
    }

    /** @return array<int, Parcel> of each line that the lab has as it is now, where it is, by the line's id */
    public static function away(Order $order): array
    {
        $away = [];
        foreach (self::parcels($order) as $parcel) {
            foreach ($parcel->state->isAway() || $parcel->handed_over_on !== null ? $parcel->files : [] as $file) {
                $away[$file->line_id] = $parcel;
            }
        }
        $made = $away === [] ? [] : $order->lines()->where('state', LineState::Made)->pluck('id')->all();

        return array_intersect_key($away, array_flip($made));
    }

    /** @return array<int, Parcel> the newest that each made file is in and that hasn't come back, by the file's id */
    private static function packed(Order $order): array
    {
        $packed = [];
        foreach (self::parcels($order) as $parcel) {
            foreach ($parcel->state === ParcelState::Back ? [] : $parcel->files as $file) {
                $packed[$file->made_file_id] = $parcel;
            }
        }

        return $packed;
    }

    /** @return Collection<int, Parcel> from the first on, without what is in them but their files */
    private static function parcels(Order $order): Collection
    {
        return $order
            ->parcels()
            ->with('files:id,parcel_id,line_id,made_file_id')
            ->get(['id', 'order_id', 'number', 'state', 'handed_over_on'])
            ->sortBy('id');
    }

    /** @param  Collection<int, MadeFile>  $files */
    private static function why(Line $line, Collection $files): ?string
    {
        return match (true) {
            $line->state === LineState::Open && $files->isNotEmpty() => 'changed since it was made: pass it, then make its files again',
            $line->state === LineState::Open => 'not passed yet',
            $line->state === LineState::Passed && $files->isNotEmpty() => 'changed since it was made: make its files again',
            $line->state === LineState::Passed => 'passed, and not made yet',
            $files->isEmpty() => 'no file of it is made and read back',
            default => null,
        };
    }

    /** @return array<int, Collection<int, MadeFile>> of each line the files of the last time that all of them were made */
    private function newest(Order $order): array
    {
        $newest = [];
        $files = MadeFile::query()
            ->with('make')
            ->whereRelation('make', 'order_id', $order->id)
            ->whereRelation('make', 'is_for_screens', false)
            ->where('is_for_screen', false)
            ->get();
        foreach ($files->groupBy('line_id') as $lineId => $ofLine) {
            foreach ($ofLine->groupBy('make_id')->sortKeysDesc() as $set) {
                if ($set->every(fn (MadeFile $file): bool => $file->state === FileState::Made && $file->sha256 !== null)) {
                    $newest[(int) $lineId] = $set->sortBy('id')->values();
                    break;
                }
            }
        }

        return $newest;
    }
}
