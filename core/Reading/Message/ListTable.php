<?php

declare(strict_types=1);

namespace Planisher\Reading\Message;

/**
 * A list in columns, said in lines: “3 of IMG_0412.jpg, 8x10, matte”. Columns are known by what is written above them; where
 * nothing is, a row is read as it stands.
 */
final class ListTable
{
    /** A picture's, or how many where pictures have a column of their own. */
    private const NUMBER = '/^(?:numbers?|no\.?|nr\.?)$/i';

    /** @param  list<list<string>>  $rows */
    public static function text(array $rows): string
    {
        $rows = array_values(array_filter($rows, fn (array $row): bool => trim(implode('', $row)) !== ''));
        $columns = $rows === [] ? [] : self::columns($rows[0]);
        if (count($columns) < 2) {
            return implode(
                "\n",
                array_map(fn (array $row): string => implode(', ', array_filter($row, fn (string $cell): bool => $cell !== '')), $rows),
            );
        }

        return implode("\n", array_map(fn (array $row): string => self::line($row, $columns), array_slice($rows, 1)));
    }

    /**
     * @param  list<string>  $row
     * @param  array<int, string>  $columns
     */
    private static function line(array $row, array $columns): string
    {
        $said = ['count' => [], 'picture' => [], 'size' => [], 'wish' => []];
        foreach ($row as $i => $cell) {
            if ($cell !== '') {
                $said[$columns[$i] ?? 'wish'][] = $cell;
            }
        }
        $count = implode(' ', $said['count']);
        $things = [...$said['picture'], ...$said['size'], ...$said['wish']];

        return ($count === '' ? '' : (preg_match('/^\d+(?:[.,]0+)?$/', $count) === 1 ? (int) $count.' of ' : "{$count}, ")).
            implode(', ', $things);
    }

    /**
     * @param  list<string>  $row
     * @return array<int, string> what a column is, by its place; a second of a kind is a wish
     */
    private static function columns(array $row): array
    {
        $columns = [];
        foreach ($row as $i => $cell) {
            $kind = Columns::kind($cell);
            if ($kind !== null && $kind !== 'none' && ($kind === 'wish' || ! in_array($kind, $columns, true))) {
                $columns[$i] = $kind;
            }
        }
        foreach ($row as $i => $cell) {
            $kind = array_values(array_diff(['picture', 'count'], $columns))[0] ?? null;
            if ($kind !== null && preg_match(self::NUMBER, trim($cell)) === 1) {
                $columns[$i] = $kind;
            }
        }

        return $columns;
    }
}
