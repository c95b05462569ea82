<?php

declare(strict_types=1);

namespace App\Lists;

use Planisher\Imaging\Child\Limits;
use Planisher\Imaging\Child\Program;
use Planisher\Imaging\Child\Stopped;

/** A list in a spreadsheet: read by a process of its own (`bin/spreadsheet.php`), within limits, since a stranger packed it. */
final class Spreadsheet
{
    /**
     * Its sheets that have anything in them, in order.
     *
     * @return non-empty-list<list<list<string>>> a sheet's rows of cells, as they look there
     *
     * @throws ListRefused
     */
    public static function sheets(string $path, string $name): array
    {
        try {
            $php = PHP_SAPI === 'cli' ? PHP_BINARY : PHP_BINDIR.'/php';
            [, $said] = Program::start(
                [$php, '-d', 'memory_limit=400M', '-d', 'display_errors=stderr', base_path('bin/spreadsheet.php'), $path],
                Limits::asked(),
            )->end();
        } catch (Stopped $e) {
            throw new ListRefused(
                "“{$name}” wasn’t read: {$e->getMessage()} Save it as CSV, or copy its cells and paste them here.",
                0,
                $e,
            );
        }
        $answer = json_decode($said, true);
        if (! is_array($answer)) {
            throw new ListRefused("“{$name}” is damaged, and couldn’t be read. Copy its cells and paste them here.");
        }
        if (isset($answer['refused'])) {
            throw new ListRefused("“{$name}” {$answer['refused']}");
        }

        return $answer['sheets'] !== [] ? $answer['sheets'] : throw new ListRefused("“{$name}” has nothing in its cells.");
    }
}
