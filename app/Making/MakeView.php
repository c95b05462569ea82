<?php

declare(strict_types=1);

namespace App\Making;

use App\Models\MadeFile;
use App\Models\Make;
use Planisher\Measure\Figure;

/** A set of files as the make page gets it. */
final class MakeView
{
    /** @return array<string, mixed> */
    public static function of(Make $make): array
    {
        return [
            'id' => $make->id,
            'folder' => "orders/{$make->folder}",
            'zip' => Zip::isReady($make) ? 'ready' : 'packing',
            'startedAt' => $make->created_at->toIso8601String(),
            'files' => $make->files
                ->map(
                    fn (MadeFile $file): array => [
                        'id' => $file->id,
                        'lineId' => $file->line_id,
                        'lineNumber' => $file->line->number,
                        'name' => $file->name,
                        'state' => $file->state,
                        'percent' => $file->percent,
                        'error' => $file->error,
                        'size' => $file->bytes === null ? null : Figure::bytes($file->bytes),
                        'sha256' => $file->sha256,
                        'readBack' => $file->read_back ?? [],
                        'picture' => Ticket::pictures($file->ticket)[0]['sha256'],
                    ],
                )
                ->all(),
        ];
    }
}
