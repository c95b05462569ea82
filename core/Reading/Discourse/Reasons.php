<?php

declare(strict_types=1);

namespace Planisher\Reading\Discourse;

use Planisher\Reading\Chart\Item;
use Planisher\Reading\Chart\Kind;

/** Words beside what is wanted that only say why, for whom or what of: they are kept as a remark, and nothing is asked of them. */
final class Reasons
{
    /** Wherever they stand behind what is wanted */
    private const FOR = '/^(?:for|because|since|so|cos|who|which|whenever|as|where)$/i';

    /** At the beginning of a part of the sentence that wants nothing */
    private const BEGIN =
        '/^(?:for|because|since|so|cos|who|which|that|he|she|they|we|i|my|it|it\'s|there\'s|there|to|from'.
        '|his|her|our|your|their|when|where|whenever|too|nothing|if|like)\b/i';

    /**
     * @param  list<Item>  $items  of one sentence
     * @return list<string> the words that are kept
     */
    public static function passed(array $items, bool $isOfLine = false): array
    {
        $kept = [];
        $first = self::first($items);
        foreach (self::clauses($items) as $n => [$clause, $isLabel, $isInBrackets]) {
            $says = array_filter($clause, fn (Item $item): bool => $item->kind->saysSomething() && ! self::isLook($item));
            $begins = preg_match(self::BEGIN, trim($clause[0]->words)) === 1 && $says === [] && ! ($isOfLine && $n === 0);
            $isReason = false;
            $hasSaid = $n > 0;
            foreach ($clause as $item) {
                $isReason = $isReason || ($hasSaid && $item->kind === Kind::Passed && preg_match(self::FOR, $item->words) === 1);
                $hasSaid = $hasSaid || $item->kind->saysSomething();
                if ($item->kind !== Kind::Unknown || $item->value === 'number') {
                    continue;
                }
                $isBefore = $first !== null && $item->at < $first && ! $isOfLine;
                if ($begins || ($item->value === null && ($isReason || $isInBrackets || $isLabel || $isBefore))) {
                    $item->why = null;
                    $kept[] = $item->words;
                }
            }
            foreach ($begins && $isOfLine ? $clause : [] as $item) {
                self::isLook($item) && ($item->why = null);
            }
        }

        return $kept;
    }

    private static function isLook(Item $item): bool
    {
        return $item->kind === Kind::Wish && array_keys($item->change) === ['#style'];
    }

    /** @param  list<Item>  $items */
    private static function first(array $items): ?int
    {
        foreach ($items as $item) {
            if (in_array($item->kind, [Kind::Pictures, Kind::Size, Kind::Count, Kind::All, Kind::Rest], true)) {
                return $item->at;
            }
        }

        return null;
    }

    /**
     * What stands between commas, colons and brackets; whether it is a label before a colon or a dash, and whether it is in brackets.
     *
     * @param  list<Item>  $items
     * @return list<array{list<Item>, bool, bool}>
     */
    private static function clauses(array $items): array
    {
        $clauses = [];
        $clause = [];
        $isOpen = false;
        foreach ($items as $item) {
            if (! in_array($item->kind, [Kind::Stop, Kind::End], true)) {
                $clause[] = $item;

                continue;
            }
            $isLabel = $clauses === [] && in_array($item->words, [':', '-', '–', '—'], true);
            $clause === [] || ($clauses[] = [$clause, $isLabel, $isOpen]);
            $clause = [];
            $isOpen = $item->words === '(' || ($isOpen && $item->words !== ')');
        }
        $clause === [] || ($clauses[] = [$clause, false, $isOpen]);

        return $clauses;
    }
}
