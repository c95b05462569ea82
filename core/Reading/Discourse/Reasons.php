<?php

declare(strict_types=1);

namespace Planisher\Reading\Discourse;

use Planisher\Reading\Chart\ChartItem;
use Planisher\Reading\Chart\ItemKind;

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
     * @param  list<ChartItem>  $items  of one sentence
     * @return list<string> the words that are kept
     */
    public static function passed(array $items, bool $isOfLine = false): array
    {
        $kept = [];
        $first = self::first($items);
        foreach (self::clauses($items) as $n => [$clause, $isLabel, $isInBrackets]) {
            $says = array_filter($clause, fn (ChartItem $item): bool => $item->kind->saysSomething() && ! self::isLook($item));
            $begins = preg_match(self::BEGIN, trim($clause[0]->words)) === 1 && $says === [] && ! ($isOfLine && $n === 0);
            $isReason = false;
            $hasSaid = $n > 0;
            foreach ($clause as $item) {
                $isReason = $isReason || ($hasSaid && $item->kind === ItemKind::Passed && preg_match(self::FOR, $item->words) === 1);
                $hasSaid = $hasSaid || $item->kind->saysSomething();
                if ($item->kind !== ItemKind::Unknown || in_array($item->value, ['number', ChartItem::ASKED], true)) {
                    continue;
                }
                $isBefore = $first !== null && $item->at < $first && ! $isOfLine;
                if ($begins || ($item->value === null && ($isReason || ($isInBrackets && ! $isOfLine) || $isLabel || $isBefore))) {
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

    private static function isLook(ChartItem $item): bool
    {
        return $item->kind === ItemKind::Wish && array_keys($item->change) === ['#style'];
    }

    /** @param  list<ChartItem>  $items */
    private static function first(array $items): ?int
    {
        foreach ($items as $item) {
            if ($item->is(ItemKind::Pictures, ItemKind::Size, ItemKind::Count, ItemKind::All, ItemKind::Rest)) {
                return $item->at;
            }
        }

        return null;
    }

    /**
     * “(all 7x5, glos)”: whether sizes or looks stand in the brackets that open there.
     *
     * @param  list<ChartItem>  $items
     */
    private static function wants(array $items, ChartItem $open): bool
    {
        foreach ($items as $item) {
            if ($item->at > $open->at && $item->is(ItemKind::Size, ItemKind::Wish)) {
                return true;
            }
            if ($item->at > $open->at && $item->words === ')') {
                return false;
            }
        }

        return false;
    }

    /**
     * What stands between commas, colons and brackets; whether it is a label before a colon or a dash, and whether it is in brackets
     * in which nothing is wanted.
     *
     * @param  list<ChartItem>  $items
     * @return list<array{list<ChartItem>, bool, bool}>
     */
    private static function clauses(array $items): array
    {
        $clauses = [];
        $clause = [];
        $isOpen = false;
        foreach ($items as $item) {
            if (! $item->is(ItemKind::Stop, ItemKind::End)) {
                $clause[] = $item;

                continue;
            }
            $isLabel = $clauses === [] && ($item->isDash() || $item->words === ':');
            $clause === [] || ($clauses[] = [$clause, $isLabel, $isOpen]);
            $clause = [];
            $isOpen = $item->words === '(' ? ! self::wants($items, $item) : $isOpen && $item->words !== ')';
        }
        $clause === [] || ($clauses[] = [$clause, false, $isOpen]);

        return $clauses;
    }
}
