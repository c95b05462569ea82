<?php

declare(strict_types=1);

namespace Planisher\Reading\Discourse;

use Planisher\Language\Says;
use Planisher\Language\Words\Named;
use Planisher\Reading\Chart\ChartItem;
use Planisher\Reading\Chart\ItemKind;

/**
 * Puts what was read of a sentence together: which size, how many and which pictures are one thing. The cheapest way to part them
 * wins; what each way of parting costs stands here.
 */
final class Segmentation
{
    /** A number behind it is one of somebody or something else. */
    private const OF_OTHERS =
        '/(?:^|\s)(?:for|my|our|his|her|their|your|are|were|is|be|turns|turning|turned'.'|age|aged|room|page|flat|number|us)$/iu';

    /** Behind a number of prints */
    private const OF_PRINTS = '/^(?:of|x|times|please|pls|prints?|cop(?:y|ies)|pcs|pieces?|off|ea|in|on|at|as|for|and|from|with|to)$/iu';

    /** “0401-0404”, “ceremony 1 to 3” */
    private const RANGE = '/^[^,&+]*\d\s*(?:[-–—]|to|thru|through|bis|until|till)\s*(?:\p{L}+[\s_-]*)?\d[^,&+]*$/iu';

    /**
     * @param  list<ChartItem>  $items  of one sentence
     * @return list<Segment> none where nothing is spoken of
     */
    public static function of(array $items): array
    {
        [$core, $gaps] = self::core(self::counts($items));
        if ($core === []) {
            return [];
        }
        $parts = Parting::of($core, $gaps);
        $segments = [];
        $ends = [];
        foreach ($parts as [$from, $to]) {
            $segment = new Segment();
            foreach (range($from, $to) as $n) {
                foreach ($core[$n] as $item) {
                    self::put($segment, $item);
                }
            }
            $segments[] = $segment;
            $last = $core[$to];
            $ends[] = $last[count($last) - 1]->end();
        }
        self::wishes($items, $segments, $ends);

        return $segments;
    }

    /**
     * “Cake 8, 8x8, 8”: a number behind pictures and their size is how many.
     *
     * @param  list<ChartItem>  $items
     * @return list<ChartItem>
     */
    private static function counts(array $items): array
    {
        if (self::isSum($items)) {
            [$items[0]->kind, $items[0]->value] = [ItemKind::Sum, $items[0]->count];
        }
        $hasPictures = $hasSize = $hasCount = false;
        $isCounted = array_filter($items, fn (ChartItem $item): bool => $item->kind === ItemKind::Count && $item->count > 1) !== [];
        $last = -1;
        foreach ($items as $i => $item) {
            $item->is(ItemKind::Size, ItemKind::Pictures, ItemKind::Count) && ($last = $i);
        }
        foreach ($items as $i => $item) {
            if (self::isOfOthers($items, $i) || self::isOfPeople($items, $i)) {
                $item->pass();
            }
            if (($hasCount && (self::isOneOf($items, $i) || self::isOneCopy($items, $i))) || ($isCounted && self::isOneAlone($items, $i))) {
                [$item->kind, $item->count] = [ItemKind::Count, 1];
            }
            if ($item->kind === ItemKind::Size && mb_strtolower(trim($items[$i - 1]->words ?? '')) === 'no') {
                $item->doubt('Is it not to be in this size?');
            }
            if (self::isOfAnother($items, $i)) {
                $item->doubt('Another picture, or so many prints?');
            }
            $isLast = $i >= $last;
            if (
                $item->kind === ItemKind::Pictures &&
                $item->named?->isNumber &&
                $hasPictures &&
                ! $hasCount &&
                (($hasSize && $isLast && ($items[$i - 1] ?? null)?->kind === ItemKind::Stop) || self::isNamedAgain($items, $i)) &&
                ctype_digit($item->words) &&
                $item->words[0] !== '0'
            ) {
                [$item->kind, $item->count, $item->why] = [ItemKind::Count, (int) $item->words, null];
            }
            $hasPictures = $hasPictures || $item->kind === ItemKind::Pictures;
            $hasSize = $hasSize || $item->kind === ItemKind::Size;
            $hasCount = $hasCount || $item->kind === ItemKind::Count;
        }
        foreach (array_filter($items, self::isCalled(...)) === [] ? [] : $items as $item) {
            $isLoneNumber = $item->kind === ItemKind::Pictures && $item->named?->isNumber && strlen($item->words) < 3;
            $isLoneNumber && $item->doubt('Another picture, or so many prints?'); // “team a: 11, team b: 12”
        }

        return $items;
    }

    /**
     * “Cake 8 8x8 8”: a number right behind a size that would be the picture which was named before it.
     *
     * @param  list<ChartItem>  $items
     */
    private static function isNamedAgain(array $items, int $i): bool
    {
        $before = array_filter(array_slice($items, 0, $i), fn (ChartItem $of): bool => $of->names() === $items[$i]->names());

        return in_array(($items[$i - 1] ?? null)?->kind, [ItemKind::Size, ItemKind::Stop], true) && $before !== [];
    }

    /**
     * “For 5 people”, “my 2 sons”: a number of somebody, and not of prints.
     *
     * @param  list<ChartItem>  $items
     */
    private static function isOfOthers(array $items, int $i): bool
    {
        $next = $items[$i + 1] ?? null;
        $before = $items[$i - 1] ?? null;
        $isBeforeWord =
            $next === null ||
            $next->is(ItemKind::Unknown, ItemKind::Stop, ItemKind::End) ||
            ($next->kind === ItemKind::Passed && preg_match(self::OF_PRINTS, $next->words) !== 1);

        return $items[$i]->isBare &&
            $isBeforeWord &&
            $before !== null &&
            $before->kind === ItemKind::Passed &&
            preg_match(self::OF_OTHERS, $before->words) === 1;
    }

    /**
     * “One 8x10 of the cake and two 5x7 of …”, “cake 8x10, two; rings 5x7, one”
     *
     * @param  list<ChartItem>  $items
     */
    private static function isOneAlone(array $items, int $i): bool
    {
        if ($items[$i]->kind !== ItemKind::Passed || preg_match('/^one$/iu', $items[$i]->words) !== 1) {
            return false;
        }
        $ends = fn (?ChartItem $item): bool => $item === null || $item->is(ItemKind::Stop, ItemKind::And, ItemKind::End);
        $isPart = fn (?ChartItem $item): bool => $item !== null && $item->is(ItemKind::Size, ItemKind::Pictures);
        [$before, $behind] = [$items[$i - 1] ?? null, $items[$i + 1] ?? null];
        if ($behind?->kind === ItemKind::Passed && preg_match('/^(?:x|of|copy|print)$/iu', $behind->words) === 1) {
            $behind = $items[$i + 2] ?? null;
        }

        $isLast = $ends($before) && $before !== null && $isPart($items[$i - 2] ?? null) && $ends($behind); // “cake 4x6, one”

        return $isLast || ($ends($before) && $isPart($behind)) || ($isPart($before) && $ends($behind));
    }

    /**
     * “… two copies 0402 8x10 one copy”
     *
     * @param  list<ChartItem>  $items
     */
    private static function isOneCopy(array $items, int $i): bool
    {
        return $items[$i]->kind === ItemKind::Passed &&
            preg_match('/^one$/iu', $items[$i]->words) === 1 &&
            preg_match('/^(?:copy|print)$/iu', $items[$i + 1]->words ?? '') === 1 &&
            ($items[$i - 1] ?? null)?->kind === ItemKind::Size;
    }

    /**
     * “Just the two of us”
     *
     * @param  list<ChartItem>  $items
     */
    private static function isOfPeople(array $items, int $i): bool
    {
        return $items[$i]->kind === ItemKind::Count &&
            ($items[$i + 1] ?? null)?->words === 'of' &&
            preg_match('/^(?:us|you)$/iu', $items[$i + 2]->words ?? '') === 1;
    }

    /**
     * “Two 5x7s of the oars and one of the gears”
     *
     * @param  list<ChartItem>  $items
     */
    private static function isOneOf(array $items, int $i): bool
    {
        return $items[$i]->kind === ItemKind::Passed &&
            $items[$i]->words === 'one' &&
            in_array(($items[$i - 1] ?? null)?->kind, [ItemKind::And, ItemKind::Stop], true) &&
            ($items[$i + 1] ?? null)?->words === 'of' &&
            array_filter(array_slice($items, $i + 2, 2), fn (ChartItem $of): bool => $of->kind === ItemKind::Pictures) !== [];
    }

    /**
     * “4 prints: garden 8x10 x2, storm 5x7 x2”: a number before a colon, behind which several prints and numbers stand, is of all of them.
     *
     * @param  list<ChartItem>  $items
     */
    private static function isSum(array $items): bool
    {
        $count = $items[0] ?? null;
        $isOfEach = preg_match('/\b(?:of|x|copies|each|sets?)\b|^x|x$/i', $count->words ?? '') === 1;
        for ($colon = 1; in_array(($items[$colon] ?? null)?->kind, [ItemKind::Passed, ItemKind::Unknown, ItemKind::Wish], true); $colon++);
        if ($count?->kind !== ItemKind::Count || $count->isEach || $isOfEach || ($items[$colon] ?? null)?->words !== ':') {
            return false;
        }
        $many = fn (ItemKind $kind): int => count(array_filter($items, fn (ChartItem $item): bool => $item->kind === $kind));

        $isOfPrints = preg_match('/\b(?:prints?|photos|pictures|pieces)\b/i', $count->words) === 1;

        return $many(ItemKind::Pictures) > 1 && (! $isOfPrints || $many(ItemKind::Size) > 1 || $many(ItemKind::Count) > 1);
    }

    /** A picture that is called by words. */
    private static function isCalled(ChartItem $item): bool
    {
        return $item->kind === ItemKind::Pictures && ! $item->named?->isNumber && preg_match('/\p{L}{2}/u', $item->words) === 1;
    }

    /**
     * “0412 and 13”: the end of another number, or how many?
     *
     * @param  list<ChartItem>  $items
     */
    private static function isOfAnother(array $items, int $i): bool
    {
        return $items[$i]->isBare &&
            ctype_digit($items[$i]->words) &&
            ($items[$i - 1] ?? null)?->kind === ItemKind::And &&
            ($items[$i - 2] ?? null)?->kind === ItemKind::Pictures &&
            ($items[$i + 1] ?? null)?->kind !== ItemKind::Size;
    }

    private static function put(Segment $segment, ChartItem $item): void
    {
        switch ($item->kind) {
            case ItemKind::Pictures:
                $segment->pictures[] = $item;
                break;
            case ItemKind::Size:
                $segment->size = $item;
                if ($segment->same?->value === 'line' && $segment->pictures === [] && $segment->scope === null) {
                    [$segment->scope, $segment->same] = [$segment->same, null]; // “same in 5x7”
                }
                break;
            case ItemKind::Count:
                $segment->count = $item;
                $segment->isEach = $segment->isEach || $item->isEach;
                break;
            case ItemKind::Same:
                $item->value === 'line' && $segment->pictures === [] && $segment->scope === null && $segment->size !== null
                    ? ($segment->scope = $item)
                    : ($segment->same = $item);
                break;
            default:
                $segment->scope = $item;
        }
    }

    /**
     * What prints are made of, pictures next to each other as one; and what stands between them.
     *
     * @param  list<ChartItem>  $items
     * @return array{list<list<ChartItem>>, list<string>}
     */
    private static function core(array $items): array
    {
        $core = $gaps = [];
        $gap = '';
        $isClosed = $isSheet = $isOfBefore = $isBegun = false;
        $inside = null; // what stands in the brackets that are open
        $beside = self::inBrackets($items);
        foreach ($items as $i => $item) {
            if (isset($beside[$i])) {
                continue;
            }
            $isPart = match ($item->kind) {
                ItemKind::Pictures, ItemKind::Size, ItemKind::Count, ItemKind::Rest, ItemKind::Place => true,
                ItemKind::Same => $item->value !== 'paper',
                ItemKind::All => self::isSpokenOf($items, $i, array_values($core)) && self::isOfAll($items, $i),
                default => false,
            };
            if (! $isPart) {
                $isOfBefore = $isOfBefore || ($item->words === ')' && $inside === [ItemKind::Count]);
                $inside = $item->words === '(' ? [] : ($item->words === ')' ? null : $inside);
                $isClosed = $isClosed || ($item->kind === ItemKind::Stop && $item->words === ')');
                $isSheet = $isSheet || isset($item->change[Says::GATHER]); // “A and B on one sheet, C …”
                $isDashed = $item->kind === ItemKind::Stop && self::stop($item) === 'dash' && ($items[$i - 1] ?? null)?->words === ',';
                $isClosed = $isClosed || $isDashed; // “- 0401: 8x10, - 0402: 5x7”
                $isClosed = $isClosed || self::isCountedEach($items, $i); // “0401 8x10 2 ea. 0402 16x20”
                $gap = match (true) {
                    $item->kind === ItemKind::Also => 'also',
                    $item->kind === ItemKind::And => $gap === 'also' ? 'also' : 'and',
                    $item->kind === ItemKind::Stop => $gap === '' ? self::stop($item) : $gap,
                    $item->kind === ItemKind::Unknown && $core !== [] => $gap === 'also' ? $gap : 'far',
                    default => $gap,
                };

                continue;
            }
            $last = $core === [] ? null : $core[count($core) - 1];
            if (
                $item->kind === ItemKind::Count &&
                $last !== null &&
                $last[0]->kind === ItemKind::Pictures &&
                ! $item->isEach &&
                ($item->words[0] === '(' || ($gap === '' && self::goesOn($items, $i)))
            ) {
                // “01, 02, 05 (x2)”, “01, 02 x2, 05”: what stands in brackets, or within a list, is the last one's.
                $own = $last[count($last) - 1];
                $names = $own->names();
                $many = preg_match(self::RANGE, $own->words) === 1 ? count($names) : 1; // “01 to 03 (x2)” is of all three
                if (count($last) > 1 || count($names) > $many) {
                    array_pop($core[count($core) - 1]);
                    count($names) > $many && ($core[count($core) - 1][] = self::naming($own, array_slice($names, 0, -$many)));
                    $gaps[] = 'comma';
                    $last = [self::naming($own, array_slice($names, -$many))];
                    $core[] = $last;
                }
            }
            if (
                $item->kind === ItemKind::Count &&
                $last !== null &&
                $last[0]->kind === ItemKind::Count &&
                $last[0]->count === $item->count &&
                $item->words[0] === '('
            ) {
                continue; // “Two (2)”
            }
            $isMore =
                $last !== null &&
                $item->kind === ItemKind::Pictures &&
                $last[0]->kind === ItemKind::Pictures &&
                $gap !== 'also' &&
                ! $isClosed &&
                ! $isSheet;
            $isClosed && $gap !== 'also' && $gap !== 'paren' && ($gap = 'closed');
            $isOfBefore && $item->kind !== ItemKind::Count && $gap !== 'also' && ($gap = 'closed'); // “0401 10x15 (je 2), 0402 …”
            $isCount = $item->kind === ItemKind::Count && $core !== [];
            $isNext = self::isOfBehind($items, $i, array_values($core), $gap); // “cake 8x10, 2 rings 5x7”
            $isNext && ($gap = 'closed');
            // “0401 8x10 (two) 0402 5x7”
            $isOfBefore = $isCount && ($item->words[0] === '(' || self::isOfBefore($items, $i, array_values($core), $gap));
            $inside === null || ($inside[] = $item->kind);
            $hasPictures = array_filter($core, fn (array $part): bool => $part[0]->kind === ItemKind::Pictures) !== [];
            // “6x4: 0401, 10x8: 0402”, but “…: 0401 and 4 10x8: 0402”
            $hasPictures && ! $isBegun && self::isOverNext($items, $i) && ($gap = 'closed');
            $isBegun = $isNext;
            if ($isMore) {
                $core[count($core) - 1][] = $item;
            } else {
                $core === [] || ($gaps[] = $gap);
                $core[] = [$item];
            }
            $gap = '';
            // “5503 (x2) 5514”
            $isCounted =
                $item->kind === ItemKind::Count && $last !== null && $last[0]->kind === ItemKind::Pictures && $item->words[0] === '(';
            $isClosed = $isCounted && ($items[$i + 1] ?? null)?->kind === ItemKind::Pictures;
            $isSheet = false;
        }

        return [array_values($core), $gaps];
    }

    /**
     * “Cake 8x10: 2, rings 5x7”: nothing parts a number from the print before it, and a comma does from the one behind.
     *
     * @param  list<ChartItem>  $items
     * @param  list<list<ChartItem>>  $core  what stands before it
     */
    private static function isOfBefore(array $items, int $i, array $core, string $gap): bool
    {
        $next = $items[$i + 1] ?? null;
        if ($gap === 'comma' && ! $items[$i]->isEach) {
            // “cake 8x10, two + rings 5x7”
            return self::isWhole($core) && ($next?->kind === ItemKind::And || in_array($next?->words, ['+', ';'], true));
        }

        return self::isWhole($core) && in_array($gap, ['', 'colon', 'dash', 'paren'], true) && self::parts($next);
    }

    /**
     * “Cake 8x10, 2 rings 5x7”: a comma parts a number from the print before it, and nothing does from the one behind.
     *
     * @param  list<ChartItem>  $items
     * @param  list<list<ChartItem>>  $core
     */
    private static function isOfBehind(array $items, int $i, array $core, string $gap): bool
    {
        for ($next = $i + 1; ($items[$next] ?? null)?->kind === ItemKind::Passed; $next++);
        $isBehind = in_array(($items[$next] ?? null)?->kind, [ItemKind::Size, ItemKind::Pictures], true);

        return $items[$i]->kind === ItemKind::Count &&
            self::isWhole($core) &&
            $isBehind &&
            in_array($gap, ['comma', 'and', 'semicolon'], true);
    }

    /**
     * Whether the last two of it are pictures and a size.
     *
     * @param  list<list<ChartItem>>  $core
     */
    private static function isWhole(array $core): bool
    {
        $kinds = array_map(fn (array $part): string => $part[0]->kind->name, array_slice($core, -2));
        sort($kinds);

        return $kinds === ['Pictures', 'Size'];
    }

    /** A comma, a semicolon or an “and” */
    private static function parts(?ChartItem $item): bool
    {
        return $item !== null &&
            ($item->kind === ItemKind::And || ($item->kind === ItemKind::Stop && in_array($item->words, [',', ';'], true)));
    }

    /**
     * Numbers in brackets among words that aren't ours: “(14 players + 2 coaches)”.
     *
     * @param  list<ChartItem>  $items
     * @return array<int, true> by place
     */
    private static function inBrackets(array $items): array
    {
        $found = [];
        $open = null;
        $isForeign = false;
        foreach ($items as $i => $item) {
            if ($item->kind === ItemKind::Stop && $item->words === '(') {
                [$open, $isForeign] = [$i, false];
            } elseif ($item->kind === ItemKind::Stop && $item->words === ')' && $open !== null) {
                for ($n = $open; $isForeign && $n <= $i; $n++) {
                    $items[$n]->kind === ItemKind::Count && $items[$n]->isBare && ($found[$n] = true);
                }
                $open = null;
            } elseif ($item->kind === ItemKind::Unknown) {
                $isForeign = true;
            }
        }

        return $found;
    }

    /**
     * “01, 02 x2, 05”: whether further pictures stand behind a number, with a comma between.
     *
     * @param  list<ChartItem>  $items
     */
    private static function goesOn(array $items, int $count): bool
    {
        for ($next = $count + 2; ($items[$next] ?? null)?->kind === ItemKind::Passed; $next++); // “… x2, the rings”

        return ($items[$count + 1] ?? null)?->words === ',' &&
            ($items[$next] ?? null)?->kind === ItemKind::Pictures &&
            ($items[$next + 1] ?? null)?->kind !== ItemKind::Size;
    }

    /**
     * @param  list<ChartItem>  $items
     */
    private static function isCountedEach(array $items, int $i): bool
    {
        [$next, $size] = [$items[$i + 1] ?? null, $items[$i - 2] ?? null];

        return $items[$i]->kind === ItemKind::Each &&
            ($items[$i - 1] ?? null)?->kind === ItemKind::Count &&
            $size?->kind === ItemKind::Size &&
            $next?->words !== 'of' &&
            $next?->words !== ':';
    }

    /**
     * A size with a colon, behind which pictures stand, is of those.
     *
     * @param  list<ChartItem>  $items
     */
    private static function isOverNext(array $items, int $i): bool
    {
        return $items[$i]->kind === ItemKind::Size &&
            ($items[$i + 1] ?? null)?->words === ':' &&
            ($items[$i + 2] ?? null)?->kind === ItemKind::Pictures;
    }

    /** @param  list<string>  $names */
    private static function naming(ChartItem $of, array $names): ChartItem
    {
        return count($names) === count($of->names()) ? $of : new ChartItem(...['named' => new Named($names)] + get_object_vars($of));
    }

    private static function stop(ChartItem $item): string
    {
        return match ($item->words) {
            ';' => 'semicolon',
            '-', '–', '—', '→', '>' => 'dash',
            ':' => 'colon',
            '(', ')' => 'paren',
            default => 'comma',
        };
    }

    /**
     * “All in 4x6” speaks of pictures; behind pictures, “all” and “both” only say that none of them is left out.
     *
     * @param  list<ChartItem>  $items
     * @param  list<list<ChartItem>>  $core
     */
    private static function isSpokenOf(array $items, int $at, array $core): bool
    {
        foreach ($core as $part) {
            if ($part[0]->kind === ItemKind::Pictures) {
                return false;
            }
        }
        // “all three Stillwaters”
        $next =
            array_values(array_filter(array_slice($items, $at + 1), fn (ChartItem $of): bool => $of->kind !== ItemKind::Passed))[0] ?? null;

        return $next === null || $next->kind !== ItemKind::Pictures;
    }

    /**
     * Where the sentence names pictures, an “all” is what is printed only with a size or a number behind it.
     *
     * @param  list<ChartItem>  $items
     */
    private static function isOfAll(array $items, int $at): bool
    {
        if (array_filter($items, fn (ChartItem $of): bool => $of->kind === ItemKind::Pictures) === []) {
            return true;
        }
        $isBehindOf = ($items[$at - 1] ?? null)?->kind === ItemKind::Passed && preg_match('/(?:^|\s)of$/iu', $items[$at - 1]->words) === 1;
        if ($isBehindOf && in_array(($items[$at - 2] ?? null)?->kind, [ItemKind::Size, ItemKind::Count], true)) {
            return true; // “4x6 of everything, plus …”
        }
        $next =
            array_values(
                array_filter(array_slice($items, $at + 1), fn (ChartItem $of): bool => ! $of->is(ItemKind::Passed, ItemKind::Wish)),
            )[0] ?? null;

        return $next !== null && $next->is(ItemKind::Size, ItemKind::Count, ItemKind::Not);
    }

    /**
     * What a print is made into, said behind an “and” and before its size, begins the next one.
     *
     * @param  list<ChartItem>  $items
     */
    private static function isOfNext(array $items, int $i, Segment $next): bool
    {
        if ($items[$i]->kind !== ItemKind::Wish || ! isset($items[$i]->change['make'])) {
            return false;
        }
        for ($before = $i - 1; ($items[$before] ?? null)?->kind === ItemKind::Passed; $before--);
        for ($behind = $i + 1; in_array(($items[$behind] ?? null)?->kind, [ItemKind::Passed, ItemKind::Stop], true); $behind++);
        $isBegun = ($items[$before] ?? null)?->kind === ItemKind::And || (($items[$before] ?? null)?->words === ',' && $behind === $i + 1);

        return $isBegun && ($items[$behind] ?? null)?->kind === ItemKind::Size && $next->size === $items[$behind];
    }

    /**
     * “Cake 8x10, rings 5x7, with a white border”, “a border to cake 8x10 and rings 5x7”: said behind a comma at the end of several
     * prints, or before them: of one of them or of all?
     *
     * @param  list<ChartItem>  $items
     * @param  list<Segment>  $segments
     * @param  list<int>  $ends
     */
    private static function askOfAll(array $items, array $segments, array $ends): void
    {
        $sized = array_filter($segments, fn (Segment $of): bool => $of->size !== null && $of->pictures !== []);
        $isSaid = array_filter($items, fn (ChartItem $of): bool => $of->is(ItemKind::All, ItemKind::Each)) !== [];
        if (count($sized) < 2 || count($sized) < count($segments) || $isSaid) {
            return;
        }
        $start = min(array_map(fn (ChartItem $of): int => $of->at, $segments[0]->items()));
        $end = $ends[count($ends) - 1];
        $wishes = array_filter($items, fn (ChartItem $of): bool => $of->kind === ItemKind::Wish && ! isset($of->change[Says::GATHER]));
        foreach ($wishes as $i => $wish) {
            $isStopped =
                $wish->at < $start
                    ? ($items[$i + 1] ?? null)?->kind !== ItemKind::Stop && ! isset($wish->change['make']) // “canvas 24x36 wood, …”
                    : self::isApart($items, $end, $wish->at);
            $isOutside = ($wish->at < $start || $wish->at >= $end) && $isStopped;
            $isOthers = array_filter($wishes, fn (ChartItem $of): bool => $of !== $wish && Contrast::isOfOneKind($of, $wish)) !== [];
            $isOutside && ! $isOthers && $wish->doubt('Of one of them, or of all?');
        }
    }

    /**
     * Whether a comma, a dash or a colon stands between two places.
     *
     * @param  list<ChartItem>  $items
     */
    private static function isApart(array $items, int $from, int $to): bool
    {
        $between = array_filter($items, fn (ChartItem $of): bool => $of->at >= $from && $of->at < $to && $of->kind === ItemKind::Stop);

        return array_filter($between, fn (ChartItem $of): bool => $of->isDash() || in_array($of->words, [',', ':'], true)) !== [];
    }

    /** “Cake as a canvas and rings as a print, 16x20”: said between pictures that are one thing otherwise. */
    private static function isBetween(ChartItem $wish, Segment $segment): bool
    {
        $isAt = array_map(fn (ChartItem $of): bool => $of->at > $wish->at, $segment->pictures);

        return in_array(true, $isAt, true) && in_array(false, $isAt, true);
    }

    /**
     * A wish goes to what it stands with; what stands before everything, or behind an “all”, to all of the sentence.
     *
     * @param  list<ChartItem>  $items
     * @param  list<Segment>  $segments
     * @param  list<int>  $ends
     */
    private static function wishes(array $items, array $segments, array $ends): void
    {
        $starts = array_map(
            fn (Segment $segment): int => min(array_map(fn (ChartItem $item): int => $item->at, $segment->items())),
            $segments,
        );
        $isOfAll = false;
        self::askOfAll($items, $segments, $ends);
        foreach ($items as $i => $item) {
            $at = 0;
            foreach ($starts as $n => $start) {
                $start <= $item->at && ($at = $n);
            }
            if (isset($segments[$at + 1]) && self::isOfNext($items, $i, $segments[$at + 1])) {
                $at++; // “0401 (8x10) and a canvas of it (16x20)”
            }
            switch ($item->kind) {
                case ItemKind::All:
                    // “1-4 all 5x7, … as a canvas”: it says that the size is of all of those
                    for ($next = $i + 1; ($items[$next] ?? null)?->kind === ItemKind::Passed; $next++);
                    $isOfSize = ($items[$next] ?? null)?->kind === ItemKind::Size;
                    $isOfAll = $segments[$at]->scope !== $item && ! $isOfSize;
                    break;
                case ItemKind::Each:
                    $segments[$at]->isEach = true;
                    break;
                case ItemKind::Also:
                    // “also” before a part is that part's
                    $next = array_values(array_filter(array_keys($starts), fn (int $n): bool => $starts[$n] > $item->at))[0] ?? null;
                    $segments[$next ?? $at]->isAlso = true;
                    break;
                case ItemKind::Wish:
                case ItemKind::Remark:
                    $isBefore = $item->at < $starts[0];
                    $list =
                        $isOfAll || ($isBefore && count($segments) > 1 && ($items[$i + 1] ?? null)?->kind === ItemKind::Stop)
                            ? $segments
                            : [$segments[$at]];
                    self::isBetween($item, $segments[$at]) && $item->doubt('Of all of them, or only of those before it?');
                    foreach ($list as $segment) {
                        $item->kind === ItemKind::Wish || $item->change !== []
                            ? ($segment->wishes[] = $item)
                            : ($segment->remarks[] = $item);
                        $item->kind === ItemKind::Remark && $item->change !== [] && ($segment->remarks[] = $item);
                    }
                    break;
                case ItemKind::Same:
                    $item->value === 'paper' && ($segments[$at]->wishes[] = $item);
                    break;
                case ItemKind::Stop:
                    break;
                default:
            }
        }
    }
}
