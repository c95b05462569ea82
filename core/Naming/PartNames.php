<?php

declare(strict_types=1);

namespace Planisher\Naming;

use Planisher\Lab\LabCard;
use Planisher\Line\Apart;
use Planisher\Line\Line;

/** What the files of one line are told apart by: a panel's place, or face and edges; a single file has nothing to tell. */
final class PartNames
{
    /** @return non-empty-list<string> in the order of the plan's files */
    public static function of(Line $line, LabCard $lab): array
    {
        if ($line->canvas?->apartFor($lab->canvas) === Apart::Files) {
            return ['face', 'edges'];
        }

        return $line->panels === null ? [''] : self::panels($line->panels->columns->count(), $line->panels->rows->count());
    }

    /** @return non-empty-list<string> row by row */
    public static function panels(int $columns, int $rows): array
    {
        $names = [];
        for ($row = 1; $row <= $rows; $row++) {
            for ($column = 1; $column <= $columns; $column++) {
                $names[] = match (true) {
                    $rows > 1 => "r{$row}c{$column}",
                    $columns === 1 => '',
                    $columns === 2 => ['left', 'right'][$column - 1],
                    $columns === 3 => ['left', 'middle', 'right'][$column - 1],
                    default => "{$column}of{$columns}",
                };
            }
        }

        return $names ?: [''];
    }
}
