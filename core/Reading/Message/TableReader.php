<?php

declare(strict_types=1);

namespace Planisher\Reading\Message;

use Planisher\Reading\Chart\ChartItem;
use Planisher\Reading\Chart\ItemKind;
use Planisher\Reading\Discourse\ReadSentence;
use Planisher\Reading\Discourse\Segment;
use Planisher\Reading\Reader;
use Planisher\Reading\ReadLine;
use Planisher\Reading\TooMuch;

/** Reads the rows of a table: columns by what stands above them, else by what stands in them. Money and totals are left out. */
final class TableReader
{
    private const TOTALS = '/^(?:sub)?-?(?:totals?|sum|summe|in all|delivery|gesamt|postage)\b/iu';

    /** “Mrs Bell, Mr Dunne”, “Mrs Bell Mr Dunne”, “Mrs Bell - Mr Dunne” */
    private const BETWEEN_NAMES = '/\s*(?:[,;&\/+(]|\.{2,}|…|\s[-–—]\s|\band\b|(?<=\pL)\s(?=(?:mr|mrs|ms|miss|dr)\b))\s*(?!\d)/iu';

    private const MARK = '/^(?:[x✓✔☑✅×]+|\|+(?:\s*\|+)*)$/iu';

    public function __construct(private readonly Reader $reader) {}

    /**
     * @param  list<Block>  $blocks  lines of a table have their kind set, where nothing comes of them
     * @param  array<int, ReadLine>  $lines
     * @return array<int, list<ReadSentence>> by the line's place
     */
    public function read(MessageTable $table, array $blocks, array $lines): array
    {
        $rows = $table->rows;
        $first = (int) array_key_first($rows);
        $columns = max(array_map(count(...), $rows));
        if ($columns > TooMuch::MOST_COLUMNS) {
            return $this->tooWide($rows, $columns, $lines);
        }
        $read = [];
        foreach ($rows as $at => $cells) {
            $read[$at] = array_map(fn (array $cell): array => ChartItem::moved($this->reader->items($cell[0]), $cell[1]), $cells);
        }
        $matrix = $this->matrix($rows, $read, $first);
        if ($matrix !== null) {
            return $this->ofMatrix($matrix, $rows, $read, $first, $blocks, $lines);
        }
        $roles = $this->roles($rows, $read, $first);
        $isHeaded = $this->isHeader($rows[$first]);
        if (! in_array('picture', $roles, true) && ! in_array('size', $roles, true)) {
            return [];
        }
        $sentences = [];
        foreach ($rows as $at => $cells) {
            if (($isHeaded && $at === $first) || preg_match(self::TOTALS, $cells[0][0]) === 1 || $this->isSums($read[$at], $roles)) {
                $blocks[$at]->kind = BlockKind::Passed;
                $lines[$at]->items = [];
                $sentences[$at] = [];

                continue;
            }
            $items = [];
            foreach ($cells as $n => [$text, $start]) {
                $role = $roles[$n] ?? 'wish';
                if ($role === 'none' || $text === '') {
                    continue;
                }
                $items === [] || ($items[] = new ChartItem(ItemKind::Stop, $start, 0, words: ','));
                $cell = $this->cell($role, $text, $start, $read[$at][$n]);
                $isHeaded && $this->askOfColumn($rows[$first][$n][0] ?? '', $text, $cell);
                $role === 'count' &&
                    ! $isHeaded &&
                    $this->isOneOfSeveral($cells, $roles) &&
                    $cell[0]->doubt('Which of the numbers is how many?');
                $items = [...$items, ...$cell];
            }
            $lines[$at]->items = $items;
            $sentences[$at] = $items === [] ? [] : [new ReadSentence($items, $lines[$at]->text, $at)];
        }

        return $sentences;
    }

    /**
     * @param  array<int, list<array{string, int}>>  $rows
     * @param  array<int, ReadLine>  $lines
     * @return array<int, list<ReadSentence>> none: it isn't read
     */
    private function tooWide(array $rows, int $columns, array $lines): array
    {
        foreach (array_keys($rows) as $at) {
            $lines[$at]->items = [];
        }
        $first = $lines[(int) array_key_first($rows)];
        $why = "This table has {$columns} columns and was not read: a list has ".TooMuch::MOST_COLUMNS.' at most.';
        $first->items = [new ChartItem(ItemKind::Unknown, 0, strlen($first->text), why: $why)];

        return array_map(fn (): array => [], $rows);
    }

    /**
     * Whether another number, of which nobody has said what it is, stands in a row.
     *
     * @param  list<array{string, int}>  $cells
     * @param  array<int, string>  $roles
     */
    private function isOneOfSeveral(array $cells, array $roles): bool
    {
        $others = array_filter($cells, fn (int $n): bool => $n > 0 && ($roles[$n] ?? null) === 'none', ARRAY_FILTER_USE_KEY);

        return array_filter($others, fn (array $cell): bool => preg_match('/^\d{1,2}$/', $cell[0]) === 1) !== [];
    }

    /**
     * A number below a word that heads no column we know.
     *
     * @param  list<ChartItem>  $cell
     */
    private function askOfColumn(string $head, string $text, array $cell): void
    {
        if ($head === '' || Columns::kind($head) !== null || preg_match('/^\d+$/', $text) !== 1) {
            return;
        }
        foreach ($cell as $item) {
            $item->doubt("“{$head}”: is that how many?");
        }
    }

    /**
     * @param  list<ChartItem>  $items
     * @return list<ChartItem>
     */
    private function cell(string $role, string $text, int $start, array $items): array
    {
        if ($role === 'count') {
            $count = self::count($text);
            if ($count !== null) {
                return [new ChartItem(ItemKind::Count, $start, strlen($text), count: $count, words: $text)];
            }
        }
        if ($role === 'people') {
            $many = self::people($text);

            return [
                new ChartItem(
                    ItemKind::Count,
                    $start,
                    strlen($text),
                    count: $many,
                    why: $many === 1 ? null : "{$many} names: {$many} prints?",
                    words: $text,
                ),
            ];
        }

        return $items;
    }

    /** How many a cell says: “3”, “x2”, “2.00”, “xx”, “|||| |”. */
    private static function count(string $text): ?int
    {
        if (preg_match('/^(?:x\s*)?(\d{1,4})(?:[.,]0+)?(?:\s*(?:x|pcs?|st|stk|off|no\.?|nos))?$/iu', $text, $m) === 1) {
            return (int) $m[1];
        }
        if (preg_match(self::MARK, $text) === 1) {
            return (int) preg_match_all('/\S/u', $text);
        }

        return in_array($text, ['-', '–', '—', '0', ''], true) ? 0 : null;
    }

    private static function people(string $text): int
    {
        $many = 0;
        foreach (preg_split(self::BETWEEN_NAMES, $text) ?: [] as $one) {
            $many += preg_match('/\((\d{1,2})\)/', $one, $m) === 1 ? (int) $m[1] : 1;
        }

        return max(1, $many);
    }

    /** @param  list<array{string, int}>  $cells */
    private function isHeader(array $cells): bool
    {
        return count(array_filter($cells, fn (array $cell): bool => Columns::kind($cell[0]) !== null)) >= 2;
    }

    /**
     * @param  list<list<ChartItem>>  $read
     * @param  array<int, string>  $roles
     */
    private function isSums(array $read, array $roles): bool
    {
        foreach ($roles as $n => $role) {
            if (in_array($role, ['picture', 'size'], true) && ($read[$n] ?? []) !== []) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  array<int, list<array{string, int}>>  $rows
     * @param  array<int, list<list<ChartItem>>>  $read
     * @return array<int, string> what a column is, by its place
     */
    private function roles(array $rows, array $read, int $first): array
    {
        $isHeaded = $this->isHeader($rows[$first]);
        $roles = [];
        $columns = max(array_map(count(...), $rows));
        for ($n = 0; $n < $columns; $n++) {
            $head = $isHeaded ? $rows[$first][$n][0] ?? '' : '';
            $kind = Columns::kind($head);
            if ($kind !== null && (in_array($kind, ['wish', 'none'], true) || ! in_array($kind, $roles, true))) {
                $roles[$n] = $kind;
            }
            // A wish may be anything, and a reference a picture's or an order's.
            $isWish = ($roles[$n] ?? null) === 'wish';
            if (! isset($roles[$n]) || $isWish || mb_strtolower($head) === 'ref') {
                $seen = $this->role($rows, $read, $n, $isHeaded ? $first : null);
                $roles[$n] = $isWish && ! in_array($seen, ['picture', 'size'], true) ? 'wish' : $seen;
            }
        }
        // Of several columns of numbers, how many is the last that is none of rooms or lines.
        $counts = array_keys($roles, 'count', true);
        foreach (array_slice($counts, 0, -1) as $n) {
            $roles[$n] = 'none';
        }

        return $roles;
    }

    /**
     * @param  array<int, list<array{string, int}>>  $rows
     * @param  array<int, list<list<ChartItem>>>  $read
     */
    private function role(array $rows, array $read, int $n, ?int $header): string
    {
        $seen = ['picture' => 0, 'size' => 0, 'count' => 0, 'money' => 0, 'people' => 0];
        $all = 0;
        $numbers = [];
        foreach ($rows as $at => $cells) {
            $text = $cells[$n][0] ?? '';
            if ($at === $header || $text === '' || preg_match(self::TOTALS, $cells[0][0]) === 1) {
                continue;
            }
            $all++;
            $has = fn (ItemKind $kind): bool => array_filter($read[$at][$n], fn (ChartItem $item): bool => $item->kind === $kind) !== [];
            $seen['picture'] +=
                ($has(ItemKind::Pictures) && ! ctype_digit($text)) || ($has(ItemKind::Pictures) && strlen($text) > 2) ? 1 : 0;
            $seen['size'] += $has(ItemKind::Size) ? 1 : 0;
            $seen['count'] += self::count($text) !== null ? 1 : 0;
            $seen['money'] += preg_match('/^[£$€]?\s?\d+[.,]\d{2}\s?[£$€]?$/', $text) === 1 ? 1 : 0;
            $seen['people'] += preg_match('/^(?:(?:mr|mrs|ms|miss|dr)\.?\s+\p{L}|\(?school\)?\s*\d?)/iu', $text) === 1 ? 1 : 0;
            ctype_digit($text) && ($numbers[] = (int) $text);
        }
        $isMost = fn (string $kind): bool => $all < $seen[$kind] * 2;
        $isCounting = count($numbers) > 1 && $numbers === range($numbers[0], $numbers[0] + count($numbers) - 1);

        return match (true) {
            $all === 0 => 'wish',
            $isMost('picture') => 'picture',
            $isMost('size') => 'size',
            $isMost('money') => 'none',
            $isMost('count') && (($isCounting && ($n === 0 || count($numbers) > 2)) || min($numbers ?: [0]) > 200) => 'none',
            $isMost('count') => 'count',
            $isMost('people') => 'people',
            default => 'wish',
        };
    }

    /**
     * A table of pictures by sizes: the things above its columns.
     *
     * @param  array<int, list<array{string, int}>>  $rows
     * @param  array<int, list<list<ChartItem>>>  $read
     * @return ?array<int, ChartItem> size or pictures of each column
     */
    private function matrix(array $rows, array $read, int $first): ?array
    {
        $heads = [];
        foreach ($read[$first] as $n => $items) {
            $is = array_values(array_filter($items, fn (ChartItem $item): bool => $item->is(ItemKind::Size, ItemKind::Pictures)));
            if ($n > 0 && count($is) === 1) {
                $heads[$n] = $is[0];
            }
        }
        $kinds = array_unique(array_map(fn (ChartItem $item): string => $item->kind->name, $heads));
        if ($heads === [] || count($kinds) !== 1 || (count($heads) < 2 && ! $this->isCounts($rows, $first, $heads))) {
            return null;
        }

        return $this->isCounts($rows, $first, $heads) ? $heads : null;
    }

    /**
     * @param  array<int, list<array{string, int}>>  $rows
     * @param  array<int, ChartItem>  $heads
     */
    private function isCounts(array $rows, int $first, array $heads): bool
    {
        $some = false;
        foreach ($rows as $at => $cells) {
            foreach (array_keys($heads) as $n) {
                $text = $cells[$n][0] ?? '';
                if ($at !== $first && $text !== '') {
                    if (self::count($text) === null) {
                        return false;
                    }
                    $some = true;
                }
            }
        }

        return $some;
    }

    /**
     * @param  array<int, ChartItem>  $heads
     * @param  array<int, list<array{string, int}>>  $rows
     * @param  array<int, list<list<ChartItem>>>  $read
     * @param  list<Block>  $blocks
     * @param  array<int, ReadLine>  $lines
     * @return array<int, list<ReadSentence>>
     */
    private function ofMatrix(array $heads, array $rows, array $read, int $first, array $blocks, array $lines): array
    {
        $sentences = [];
        $isBarred = preg_match('/^\s*\||\|\s*$/', $lines[$first]->text) === 1;
        foreach ($rows as $at => $cells) {
            $own = array_values(
                array_filter($read[$at][0] ?? [], fn (ChartItem $item): bool => $item->is(ItemKind::Pictures, ItemKind::Size)),
            );
            if ($at === $first || preg_match(self::TOTALS, $cells[0][0]) === 1 || $own === []) {
                $isPassed = $at === $first || ($own === [] && preg_match(self::TOTALS, $cells[0][0]) === 1);
                $isPassed && ($blocks[$at]->kind = BlockKind::Passed);
                $isPassed && ($lines[$at]->items = []);
                $sentences[$at] = [];

                continue;
            }
            $items = $read[$at][0];
            $segments = [];
            foreach ($heads as $n => $head) {
                $text = $cells[$n][0] ?? '';
                $count = self::count($text) ?? 0;
                if ($count === 0) {
                    continue;
                }
                $isAskew = count($cells) !== count($rows[$first]) && $isBarred;
                $isTally = str_contains($text, '|') || preg_match('/^[x×]{2,}$/iu', $text) === 1;
                $item = new ChartItem(
                    ItemKind::Count,
                    $cells[$n][1],
                    strlen($text),
                    count: $count,
                    why: match (true) {
                        $isAskew => 'The rows have other columns than the head. Under which is this?',
                        $isTally => "{$count} prints?",
                        default => null,
                    },
                    words: $text,
                );
                $items[] = $item;
                $segment = new Segment();
                $segment->count = $item;
                foreach ([$own[0], $head] as $of) {
                    $of->kind === ItemKind::Size ? ($segment->size = $of) : ($segment->pictures = [$of]);
                }
                $segments[] = $segment;
            }
            $lines[$at]->items = $items;
            $sentences[$at] = [ReadSentence::ofSegments($items, $segments, $lines[$at]->text, $at)];
        }

        return $sentences;
    }
}
