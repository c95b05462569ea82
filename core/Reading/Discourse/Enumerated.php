<?php

declare(strict_types=1);

namespace Planisher\Reading\Discourse;

use Planisher\Reading\Chart\ChartItem;
use Planisher\Reading\Chart\ItemKind;

/** “1 0401”, “2 0405”, “3 0406”, one below the other: lines that are numbered, or one, two and three prints? */
final class Enumerated
{
    /** Two lines may well have one and two prints. */
    private const FEWEST = 3;

    /**
     * @param  array<int, list<ReadSentence>>  $sentences  of each line
     * @return bool whether such numbers end a sentence, so that it isn't plain what they are of: “1! garden”
     */
    public static function ask(array $sentences): bool
    {
        $run = [];
        $isEnded = false;
        foreach ($sentences as $of) {
            $number = self::number(array_merge(...array_map(fn (ReadSentence $one): array => $one->items, $of), ...[[]]));
            if ($number === null || $number->count !== count($run) + 1) {
                $isEnded = self::doubt($run) || $isEnded;
                $run = [];
            }
            if ($number?->count === count($run) + 1) {
                $run[] = [$number, $of[0]];
            }
        }

        return self::doubt($run) || $isEnded;
    }

    /**
     * “Lena 1 - 3”, among prints like “harbour - 4”: a range of pictures, or one and how many of it?
     *
     * @param  array<int, list<ReadSentence>>  $sentences  of each line
     */
    public static function askDashes(array $sentences): void
    {
        $isCounted = false;
        $ranges = [];
        foreach (array_merge(...array_values($sentences)) as $sentence) {
            $items = $sentence->spoken();
            foreach ($items as $i => $item) {
                $stop = $items[$i - 1] ?? null;
                $isOf = $stop?->kind === ItemKind::Stop && $stop->words !== ',' && ($items[$i - 2] ?? null)?->kind === ItemKind::Pictures;
                $isCounted = $isCounted || ($item->kind === ItemKind::Count && $isOf);
                $isRange = $item->kind === ItemKind::Pictures && preg_match('/\d\s+[-–—]\s+\d+$/u', $item->words) === 1;
                $isRange && ($ranges[] = $item);
            }
        }
        foreach ($isCounted ? $ranges : [] as $range) {
            $range->doubt('A range of pictures, or one and how many of it?');
        }
    }

    /** “(1) rings 8x8 (2) cake 8x8”: numbers of a list in one sentence, or how many of each? */
    public static function askWithin(ReadSentence $sentence): void
    {
        $of = $sentence->of(ItemKind::Pictures, ItemKind::Size, ItemKind::Count);
        $isNumber = fn (ChartItem $item): bool => $item->kind === ItemKind::Count && $item->words[0] === '(';
        $numbers = array_values(array_filter($of, $isNumber));
        $counts = array_map(fn (ChartItem $number): ?int => $number->count, $numbers);
        $first = $counts[0] ?? 0; // a line's own number was taken for a bullet: then the next is 2
        $isBefore = $of !== [] && ($first === 1 ? $of[0] === ($numbers[0] ?? null) : $first === 2 && end($of)->kind !== ItemKind::Count);
        $isCounting = count($numbers) > 1 && $counts === range($first, $first + count($numbers) - 1) && $isBefore;
        foreach ($isCounting ? $numbers : [] as $number) {
            $number->doubt("Its number in a list, or {$number->count} prints?");
        }
    }

    /**
     * Whether 1, 2 and 3 stand in lines by themselves, above what they are of.
     *
     * @param  array<int, list<ReadSentence>>  $sentences
     */
    public static function areApart(array $sentences): bool
    {
        $numbers = [];
        foreach ($sentences as $of) {
            $number = count($of) === 1 ? self::number($of[0]->items) : null;
            $isAlone =
                $number !== null && count(array_filter($of[0]->items, fn (ChartItem $item): bool => $item->kind->saysSomething())) === 1;
            $isAlone && ($numbers[] = $number->count);
        }

        return count($numbers) >= self::FEWEST && $numbers === range(1, count($numbers));
    }

    /** @param  list<array{ChartItem, ReadSentence}>  $run  numbers, and the first sentences of their lines */
    private static function doubt(array $run): bool
    {
        $isEnded = false;
        foreach (count($run) < self::FEWEST ? [] : $run as [$number, $sentence]) {
            $number->doubt("The line’s number, or {$number->count} prints?");
            $isEnded = $isEnded || ! $sentence->has(ItemKind::Pictures);
        }

        return $isEnded;
    }

    /**
     * A number before everything else, behind which no size follows: “2 8x10” are two.
     *
     * @param  list<ChartItem>  $items  of a line
     */
    private static function number(array $items): ?ChartItem
    {
        foreach ($items as $i => $item) {
            if ($item->is(ItemKind::Passed, ItemKind::Unknown, ItemKind::Stop, ItemKind::End)) {
                continue;
            }
            for ($n = $i + 1; ($items[$n] ?? null)?->kind === ItemKind::Passed; $n++);
            $next = $items[$n] ?? null;
            $isBefore = $next === null || $next->is(ItemKind::Pictures, ItemKind::Stop, ItemKind::End);
            $isNumber = $item->kind === ItemKind::Count && ctype_digit($item->words);

            return $isNumber && $isBefore ? $item : null;
        }

        return null;
    }
}
