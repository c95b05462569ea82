<?php

declare(strict_types=1);

namespace App\Lists;

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
        $copied = 'Copy its cells and paste them here.';
        $answer = ReadApart::by('spreadsheet.php', [$path], $name, 400, $copied, 'Save it as CSV, or copy its cells and paste them here.');

        return $answer['sheets'] !== [] ? $answer['sheets'] : throw ListRefused::empty($name);
    }
}
