<?php

declare(strict_types=1);

namespace App\Making;

use App\Models\MadeFile;
use App\Models\Make;
use Planisher\Measure\Figure;

/** A set of files as the make page gets it. */
final class MakeView
{
    public function __construct(private readonly Zip $zips) {}

    /** @return 'ready'|'packing'|null null where it has no such file; one that couldn't be packed is asked for, and tells why */
    private function zip(Make $make, bool $forScreens): ?string
    {
        return $make->files->where('is_for_screen', $forScreens)->isEmpty()
            ? null
            : ($this->zips->isReady($make, $forScreens) || ! PackZip::later($make->id, $forScreens)->isUnderWay()
                ? 'ready'
                : 'packing');
    }

    /** @return MakeShape */
    public function of(Make $make): array
    {
        return [
            'id' => $make->id,
            'folder' => "orders/{$make->folder}",
            'exportedTo' => $make->export_folder === null ? null : "{$make->export_folder}/{$make->folder}",
            'zip' => $this->zip($make, false),
            'screenZip' => $this->zip($make, true),
            'held' => $make->state->held(),
            'secondsLeft' => TimeLeft::of($make),
            'startedAt' => $make->created_at->toIso8601String(),
            'files' => array_map(
                fn (MadeFile $file): array => [
                    'id' => $file->id,
                    'lineId' => $file->line_id,
                    'lineNumber' => $file->line->number,
                    'name' => $file->name,
                    'isForScreen' => $file->is_for_screen,
                    'state' => $file->state->value,
                    'percent' => $file->percent,
                    'error' => $file->error,
                    'madeBefore' => $file->made_before === null ? null : "orders/{$file->made_before}",
                    'size' => $file->bytes === null ? null : Figure::bytes($file->bytes),
                    'sha256' => $file->sha256,
                    'readBack' => $file->read_back ?? [],
                    'picture' => Ticket::pictures($file->ticket)[0]['sha256'],
                    'shows' => $file->ticket['shows'] ?? null,
                ],
                array_values($make->files->all()),
            ),
        ];
    }
}
