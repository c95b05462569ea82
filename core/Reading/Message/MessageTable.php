<?php

declare(strict_types=1);

namespace Planisher\Reading\Message;

/** Lines of a message that are rows of a table: their cells, and where each begins. */
final readonly class MessageTable
{
    private const RULE = '/^[\s|:+=-]*$/';

    /**
     * @param  array<int, list<array{string, int}>>  $rows  by the block's place: each cell's words, and where it begins in bytes
     */
    private function __construct(public array $rows) {}

    /**
     * The tables of a message.
     *
     * @param  list<Block>  $blocks
     * @return list<self>
     */
    public static function all(array $blocks): array
    {
        $tables = [];
        $run = [];
        $take = function () use (&$run, &$tables): void {
            $table = count($run) > 1 ? self::of($run) : null;
            $table === null || ($tables[] = $table);
            $run = [];
        };
        foreach ($blocks as $at => $block) {
            $isRow = $block->kind === BlockKind::Words || ($block->kind === BlockKind::Ruled && str_contains($block->text, '|'));
            $isRow ? ($run[$at] = $block) : $take();
        }
        $take();

        return $tables;
    }

    /** @param  array<int, Block>  $run  lines that stand next to each other */
    private static function of(array $run): ?self
    {
        foreach (["/\t/", '/\s*\|\s*/', '/\s*;\s*/', '/,/', '/ {2,}/'] as $by) {
            $rows = [];
            foreach ($run as $at => $block) {
                $cells = self::cells($block, $by);
                $isOfColumns = $by !== '/,/' || preg_match('/,[ ]|[ ],/', trim($block->words())) !== 1;
                if (count($cells) < ($by === '/,/' || $by === '/ {2,}/' ? 3 : 2) || ! $isOfColumns) {
                    if (count($rows) > 1) {
                        break;
                    }
                    $rows = [];

                    continue;
                }
                $rows[$at] = $cells;
            }
            $counts = array_map(count(...), $rows);
            if (count($rows) > 1 && max($counts) - min($counts) <= (in_array($by, ["/\t/", '/ {2,}/', '/\s*\|\s*/'], true) ? 2 : 0)) {
                return new self(
                    array_filter($rows, fn (array $cells): bool => preg_match(self::RULE, implode('', array_column($cells, 0))) !== 1),
                );
            }
        }

        return null;
    }

    /** @return list<array{string, int}> */
    private static function cells(Block $block, string $by): array
    {
        // A row of a table has no bullet, and its first cell may be empty.
        $text = $block->depth > 0 ? $block->words() : $block->text;
        $start = $block->depth > 0 ? $block->start : 0;
        if (str_contains($by, '|')) {
            // Empty cells count: only the bars at both ends go.
            $lead = preg_match('/^\s*\|?\s*/', $text, $m) === 1 ? strlen($m[0]) : 0;
            $text = (string) preg_replace('/\s*\|?\s*$/', '', substr($text, $lead));
            $start += $lead;
        }
        if ($by === '/ {2,}/') {
            $isIndented = preg_match('/^ {2,}\S/', $text) === 1;
            $lead = $isIndented ? 0 : strspn($text, ' ');
            $text = rtrim(substr($text, $lead));
            $start += $lead;
        }
        $cells = [];
        foreach (preg_split($by, $text, -1, PREG_SPLIT_OFFSET_CAPTURE) ?: [] as [$cell, $at]) {
            $inner = strlen($cell) - strlen(ltrim($cell));
            $cells[] = [trim($cell), $start + $at + $inner];
        }

        return $cells;
    }
}
