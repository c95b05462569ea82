<?php

declare(strict_types=1);

namespace App\Lists;

use PhpOffice\PhpSpreadsheet\Cell\Cell;
use PhpOffice\PhpSpreadsheet\Cell\Coordinate;
use PhpOffice\PhpSpreadsheet\Reader\BaseReader;
use PhpOffice\PhpSpreadsheet\Reader\IReadFilter;
use PhpOffice\PhpSpreadsheet\Reader\Ods;
use PhpOffice\PhpSpreadsheet\Reader\Xlsx;
use PhpOffice\PhpSpreadsheet\RichText\RichText;
use PhpOffice\PhpSpreadsheet\Style\NumberFormat;
use PhpOffice\PhpSpreadsheet\Worksheet\Worksheet;
use Planisher\Reading\TooMuch;

/** Reads the cells of a spreadsheet as they look there. No formula is worked out: what its program last made of it is what counts. */
final class SpreadsheetReader implements IReadFilter
{
    /** One below its head more than are read at once: what is more is told, and not left out. */
    private const MOST_ROWS = TooMuch::MOST_LINES + 2;

    private const MOST_COLUMNS = 40;

    private const OPEN_DOCUMENT = 'application/vnd.oasis.opendocument.';

    /**
     * @return list<list<list<string>>> the rows of each sheet that has any
     *
     * @throws ListRefused what else the file is, to be put behind its name
     */
    public static function sheets(string $path): array
    {
        $book = self::reader($path)->setReadEmptyCells(false)->setReadFilter(new self())->load($path);
        $sheets = array_map(
            fn (Worksheet $sheet): array => $sheet->getSheetState() === Worksheet::SHEETSTATE_VISIBLE ? self::rows($sheet) : [],
            $book->getAllSheets(),
        );

        return array_values(array_filter($sheets));
    }

    public function readCell(string $columnAddress, int $row, string $worksheetName = ''): bool
    {
        return $row <= self::MOST_ROWS && Coordinate::columnIndexFromString($columnAddress) <= self::MOST_COLUMNS;
    }

    /** @throws ListRefused */
    private static function reader(string $path): BaseReader
    {
        $zip = new \ZipArchive();
        if ($zip->open($path, \ZipArchive::RDONLY) !== true) {
            throw ListRefused::cutOffPackage();
        }
        $kind = (string) $zip->getFromName('mimetype', 200);
        $has = fn (string $part): bool => $zip->locateName($part) !== false;

        return match (true) {
            $has('xl/workbook.xml') => new Xlsx(),
            str_starts_with($kind, self::OPEN_DOCUMENT.'spreadsheet') => new Ods(),
            $has('word/document.xml'), str_starts_with($kind, self::OPEN_DOCUMENT) => throw ListRefused::document(),
            $has('order.json') => throw ListRefused::orderWithPictures(),
            default => throw ListRefused::package(),
        };
    }

    /** @return list<list<string>> */
    private static function rows(Worksheet $sheet): array
    {
        $rows = [];
        $last = $sheet->getHighestDataColumn();
        foreach ($sheet->getRowIterator(1, min(self::MOST_ROWS, $sheet->getHighestDataRow())) as $row) {
            $cells = [];
            foreach ($row->getCellIterator('A', $last) as $cell) {
                $cells[] = self::text($cell);
            }
            $rows[] = $cells;
        }

        return array_filter(array_merge(...$rows)) === [] ? [] : $rows;
    }

    /** What stands in a cell, as it looks there. */
    private static function text(Cell $cell): string
    {
        $value = $cell->isFormula() ? ($cell->getOldCalculatedValue() ?: $cell->getValue()) : $cell->getValue();
        $format = $cell->getStyle()->getNumberFormat()->getFormatCode();
        $text = match (true) {
            $value instanceof RichText => $value->getPlainText(),
            is_int($value), is_float($value) => NumberFormat::toFormattedString($value, (string) $format),
            is_scalar($value) => (string) $value,
            default => '',
        };

        return trim((string) preg_replace('/\s*\R\s*/u', ', ', $text));
    }
}
