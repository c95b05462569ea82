<?php

declare(strict_types=1);

namespace App\Parcels;

use App\Files\CannotKeep;
use App\Files\Disk;
use App\Files\WholeCopy;
use App\History\History;
use App\Models\MadeFile;
use App\Models\Order;
use App\Models\Parcel;
use App\Models\ParcelFile;
use App\Models\Studio;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Planisher\Naming\SafeText;
use Planisher\Parcel\Manifest;
use Planisher\Parcel\ParcelItem;
use Planisher\Parcel\ParcelState;

/** Packs made files of an order into a parcel: a folder of its own with the files, a manifest, their sums and a job sheet. */
final class Packing
{
    public const SUMS = 'SHA256SUMS';

    public const JOB_SHEET = 'job-sheet.pdf';

    public function __construct(private readonly Contents $contents, private readonly Disk $disk, private readonly JobSheet $sheets) {}

    /**
     * @param  ?list<int>  $chosen  ids of lines; null for all that may go and aren't away already
     * @return Parcel the one that has the same in it already, where there is one that didn't come back
     *
     * @throws CannotPack
     */
    public function pack(Order $order, ?array $chosen): Parcel
    {
        return DB::transaction(function () use ($order, $chosen): Parcel {
            Order::query()->whereKey($order->id)->lockForUpdate()->first();
            $rows = array_filter(
                $this->contents->of($order),
                fn (array $row): bool => $chosen === null
                    ? $row['why'] === null && $row['parcel'] === null
                    : in_array($row['line']->id, $chosen, true),
            );
            [$items, $files] = [[], []];
            foreach ($rows as $row) {
                if ($row['why'] !== null) {
                    throw CannotPack::lineNotReady($row['line']->number, $row['why']);
                }
                foreach ($row['files'] as $file) {
                    $items[] = Contents::item($file, $row['line'], $this->whole($file), (int) $file->bytes);
                    $files[] = $file;
                }
            }
            if ($items === []) {
                throw CannotPack::nothingReady();
            }
            $told = array_map(fn (ParcelItem $item): array => $item->toArray(), $items);
            $contents = hash('sha256', json_encode($told, JSON_THROW_ON_ERROR));
            $same = $order->parcels()->where('contents', $contents)->where('state', '!=', ParcelState::Back->value)->first();

            return $same ?? $this->write($order, $items, $files, $contents);
        });
    }

    /**
     * Puts a file into its parcel's folder, where it isn't there as it was made.
     *
     * @throws CannotPack where what was made isn't what it was any more
     */
    public function mend(ParcelFile $file): void
    {
        if ($this->disk->isWhole($file->key(), $file->sha256)) {
            return;
        }
        $this->disk->remove($file->key());
        if (! $this->disk->isWhole($file->madeFile->key(), $file->sha256)) {
            throw CannotPack::changed($file->name, $file->made_file_id);
        }
        $this->put($file->madeFile->key(), $file);
    }

    /**
     * Holds what is written of a parcel against the database, which it is written anew from where somebody has altered it on the disk.
     *
     * @throws CannotPack
     */
    public function mendPapers(Parcel $parcel): void
    {
        $altered = array_filter(
            self::texts($parcel),
            fn (string $text, string $name): bool => ! $this->disk->isWhole($parcel->key($name), hash('sha256', $text)),
            ARRAY_FILTER_USE_BOTH,
        );
        foreach ($altered as $name => $text) {
            $this->disk->remove($parcel->key($name));
            $this->written($parcel, $name, $text);
        }
        if (! $this->disk->isWhole($parcel->key(self::JOB_SHEET), (string) $parcel->job_sheet_sha256)) {
            $altered[self::JOB_SHEET] = '';
            $this->disk->remove($parcel->key(self::JOB_SHEET));
            $this->jobSheet($parcel, $this->manifestOf($parcel));
        }
        if ($altered !== []) {
            $what = implode(', ', array_keys($altered));
            History::note($parcel->order_id, "wrote {$what} of parcel {$parcel->number} anew: the disk had something else");
        }
    }

    /** @return array<string, string> what stands in a parcel's files of text, by name */
    private static function texts(Parcel $parcel): array
    {
        return [Manifest::FILE => Manifest::json($parcel->manifest), self::SUMS => Manifest::sums($parcel->manifest)];
    }

    /**
     * What a parcel was packed with, of its files' tickets.
     *
     * @throws CannotPack where what is wanted of the lab has changed since
     */
    private function manifestOf(Parcel $parcel): Manifest
    {
        $items = $parcel->files
            ->map(fn (ParcelFile $file): ParcelItem => Contents::item($file->madeFile, $file->madeFile->line, $file->sha256, $file->bytes))
            ->all();
        $manifest = new Manifest(
            $parcel->key,
            $parcel->number,
            $parcel->order->head(),
            $parcel->manifest['studio']['name'],
            $parcel->manifest['lab']['name'],
            $items === [] ? throw CannotPack::parcelEmpty() : array_values($items),
        );
        if (Manifest::json($manifest->toArray()) !== Manifest::json($parcel->manifest)) {
            throw CannotPack::jobSheetAltered();
        }

        return $manifest;
    }

    private function jobSheet(Parcel $parcel, Manifest $manifest): void
    {
        $pdf = $this->sheets->pdf($manifest);
        $this->written($parcel, self::JOB_SHEET, $pdf);
        $parcel->update(['job_sheet_sha256' => hash('sha256', $pdf)]);
    }

    /** What is linked takes no room, and no reading: its sum is known. */
    private function put(string $made, ParcelFile $file): void
    {
        try {
            $this->disk->repeat($made, $file->key(), $file->sha256, isApart: false);
        } catch (CannotKeep $e) {
            throw CannotPack::diskFull($e);
        }
    }

    /** @return string its checksum, where the file is still what was made */
    private function whole(MadeFile $file): string
    {
        if ($this->disk->stamp($file->key())?->bytes !== $file->bytes) {
            throw CannotPack::changed($file->name, $file->id);
        }

        return (string) $file->sha256;
    }

    /**
     * @param  non-empty-list<ParcelItem>  $items
     * @param  list<MadeFile>  $files
     */
    private function write(Order $order, array $items, array $files, string $contents): Parcel
    {
        $number = (int) $order->parcels()->max('number') + 1;
        $key = (string) Str::uuid();
        $manifest = new Manifest($key, $number, $order->head(), Studio::current()->name, $order->lab->name, $items);
        $home = (SafeText::of($order->number) ?: 'order').'_'.(SafeText::of($order->client->name) ?: 'client');
        $parcel = Parcel::query()->create([
            'order_id' => $order->id,
            'lab_id' => $order->lab_id,
            'key' => $key,
            'number' => $number,
            'contents' => $contents,
            'manifest' => $manifest->toArray(),
            'folder' => "{$order->id}/{$home}_parcel-{$number}",
            'bytes' => array_sum(array_map(fn (ParcelItem $item): int => $item->bytes, $items)),
        ]);
        foreach ($items as $i => $item) {
            $parcel->files()->create([
                'made_file_id' => $files[$i]->id,
                'line_id' => $files[$i]->line_id,
                'name' => $item->name,
                'sha256' => $item->sha256,
                'bytes' => $item->bytes,
            ]);
        }
        try {
            foreach (self::texts($parcel) as $name => $text) {
                $this->written($parcel, $name, $text);
            }
            $this->jobSheet($parcel, $manifest);
            foreach ($files as $i => $made) {
                $file = $parcel->files()->where('name', $items[$i]->name)->firstOrFail()->setRelation('parcel', $parcel);
                $this->put($made->key(), $file);
            }
        } catch (\Throwable $e) {
            rescue(fn () => $this->disk->clear(dirname($parcel->key('x'))), report: false);
            throw $e;
        }
        History::note($order->id, "packed parcel {$number}");

        return $parcel;
    }

    private function written(Parcel $parcel, string $name, string $content): void
    {
        try {
            $path = $this->disk->workshop($parcel->key($name));
            WholeCopy::text($content, $path) || throw CannotPack::diskFull();
            $this->disk->settle($parcel->key($name), hash('sha256', $content));
        } catch (CannotKeep $e) {
            throw CannotPack::diskFull($e);
        }
    }
}
