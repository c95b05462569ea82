<?php

declare(strict_types=1);

namespace Planisher\Reading\Discourse;

use Planisher\Language\Offer;
use Planisher\Reading\Chart\ChartItem;
use Planisher\Reading\Chart\ItemKind;

/** Of which prints a number is said: of one, of each, of all that stands in brackets or behind a colon. */
final class Counts
{
    /** “2 for each of 3 families” */
    private const FOR_MANY =
        '/\b(?:\d+|two|three|four|five|six|seven|eight|nine|ten|twelve) (?:famil|households|couples|tables|offices|rooms|parents'.
        '|grand\w+|aunts|uncles|sisters|brothers|guests|teachers|classes|friends|colleagues|sponsors)/iu';

    /**
     * “8x10 and 5x7, two each”: where it isn't of several pictures of its own, it is of each that was said before it.
     *
     * @param  list<Segment>  $segments
     * @param  list<Draft>  $made
     */
    public static function spreadEach(array $segments, array $made, ReadSentence $sentence): void
    {
        $last = end($segments);
        $isOfEach = preg_match('/\b(?:each|ea|apiece)(?: (?:size|one|print|picture|of them))?\W*$/iu', trim($sentence->text)) === 1;
        $isOfAll = preg_match('/\bof (?:everything|them all|all(?: of them)?|every one)\W*$/iu', trim($sentence->text)) === 1;
        $isItsOwn = $isOfEach && count($last === false ? [] : $last->names()) > 1;
        if (! ($isOfEach || $isOfAll) || $last === false || $last->count === null || $isItsOwn) {
            return;
        }
        if ($last->count->at < ($last->size->at ?? 0)) {
            return; // “a couple of the boat, 8x10 each”
        }
        foreach ($made as $draft) {
            if (! $draft->isCounted) {
                [$draft->copies, $draft->isCounted] = [(int) $last->count->count, true];
                $draft->from[] = $last->count;
            }
        }
    }

    /**
     * “2 x (garden 8x10, storm 5x7)”, “garden (8x10, 5x7) x2”: of all that stands in the brackets.
     *
     * @param  list<Draft>  $made
     */
    public static function spreadBracket(array $made, ReadSentence $sentence): void
    {
        $open = null;
        foreach ($sentence->items as $i => $item) {
            $item->kind === ItemKind::Stop && trim($item->words) === '(' && ($open = $i);
            if ($open === null || $item->kind !== ItemKind::Stop || trim($item->words) !== ')') {
                continue;
            }
            [$before, $behind] = [$sentence->items[$open - 1] ?? null, $sentence->items[$i + 1] ?? null];
            $count = $before?->kind === ItemKind::Count ? $before : ($behind?->kind === ItemKind::Count ? $behind : null);
            [$from, $to, $open] = [$sentence->items[$open]->at, $item->at, null];
            $within = array_filter(
                $made,
                fn (Draft $draft): bool => array_filter($draft->from, fn (ChartItem $of): bool => $of->at > $from && $of->at < $to) !== [],
            );
            if ($count === null || count($within) < 2) {
                continue;
            }
            foreach ($within as $draft) {
                if (! $draft->isCounted) {
                    [$draft->copies, $draft->isCounted] = [(int) $count->count, true];
                    $draft->from[] = $count;
                }
            }
        }
    }

    /**
     * “3 sets: cake 8x10, rings 5x5”: so many of all that stands behind the colon.
     *
     * @param  list<Draft>  $made
     */
    public static function spreadSets(array $made, ReadSentence $sentence): void
    {
        $counts = $sentence->of(ItemKind::Count);
        foreach ($counts as $count) {
            $behind = substr($sentence->text, $count->end() - $sentence->items[0]->at);
            $isOfAll = preg_match('/\b(?:sets?|copies|each)\b|x$/i', trim($count->words)) === 1;
            $first = $sentence->of(ItemKind::Pictures)[0] ?? null;
            $isOneOfMany = array_filter($counts, fn (ChartItem $of): bool => $of !== $count && $of->words === $count->words) !== [];
            if ($isOneOfMany || ($first !== null && $first->at < $count->at)) {
                continue; // “8x10 - cake, 5x7 two copies - rings”
            }
            if (! $isOfAll || preg_match('/^\s*\)?\s*(?::|[-–—]|of:)/u', $behind) !== 1) {
                continue;
            }
            foreach ($made as $draft) {
                if (! $draft->isCounted || in_array($count, $draft->from, true)) {
                    [$draft->copies, $draft->isCounted] = [(int) $count->count, true];
                    in_array($count, $draft->from, true) || ($draft->from[] = $count);
                }
            }
        }
    }

    /** “Both” is two and “all three” three; so many of one picture each, or in all? */
    public static function counted(Segment $segment, ReadSentence $sentence): void
    {
        $many = count($segment->names());
        foreach ($sentence->of(ItemKind::All) as $all) {
            if (
                $all !== $segment->scope &&
                $many > 1 &&
                is_int($all->value) &&
                $all->value > 0 &&
                $all->value !== $many &&
                count($sentence->segments) === 1
            ) {
                $all->doubt("{$all->value} of {$many} pictures: which?");
            }
        }
        self::askOneOf($segment, $sentence);
        $count = $segment->count;
        if ($count === null) {
            return;
        }
        if (preg_match('/^\s*(?:\p{L}+\s+)?different\b/iu', substr($sentence->text, $count->end() - $sentence->items[0]->at)) === 1) {
            $count->doubt('So many of each, or so many different ones?');
        }
        $of = array_values(array_filter($segment->pictures, fn (ChartItem $item): bool => $item->at > $count->at))[0] ?? null;
        $isOfSome = preg_match('/\bof$/iu', $count->words) === 1 && $of !== null && preg_match('/\d/', $of->words) !== 1;
        if ($isOfSome && $of->why === null && $count->count > 1 && count($of->names()) > $count->count) {
            $count->doubt('So many of each, or so many different ones?'); // “3 of the reception ones”
        }
        if (($count->isEach || $segment->isEach) && preg_match(self::FOR_MANY, $sentence->text) === 1) {
            $count->doubt('So many in all, or for each of them?');
        }
        if ($count->count === 0) {
            $count->doubt('None of it? A line of 0 prints can’t be made.');
        }
        $isOfAll =
            $segment->isEach ||
            array_filter($sentence->of(ItemKind::All), fn (ChartItem $all): bool => $all->value === $many || $all->value === 0) !== [];
        $isOfSum = $of !== null && $many > 1 && ! $isOfAll && preg_match('/\b(?:prints|pictures|photos)$/iu', $count->words) === 1;
        if ($isOfSum && $count->count !== $many) {
            $count->doubt("{$count->count} in all, or {$count->count} of each?"); // “3 prints at 10x8: 2209, 2210, …”
        }
        // Which of them is asked first.
        $isAsked = array_filter($segment->pictures, fn (ChartItem $item): bool => $item->why !== null) !== [];
        if ($many > 1 && ! $isAsked && $count->count === $many && ! $isOfAll && ! str_contains(mb_strtolower($count->words), 'x')) {
            $count->doubt("{$many} in all, or {$many} of each? It was read as one of each.", [
                new Offer("{$many} of each", "{$many} of each"),
                new Offer('one of each', 'one of each'),
            ]);
            $count->count = 1;
        }
        foreach ($segment->pictures as $picture) {
            if ($picture->named?->isSeveral && ! $picture->named->isPlural && $picture->why !== null) {
                $all = array_filter(
                    $sentence->of(ItemKind::All),
                    fn (ChartItem $item): bool => $item->value === 0 || $item->value === count($picture->names()),
                );
                $all === [] || ($picture->why = null);
            }
        }
    }

    /** “One of the harbours”: of several pictures that a word names, only one is wanted. */
    private static function askOneOf(Segment $segment, ReadSentence $sentence): void
    {
        $picture = $segment->pictures[0] ?? null;
        if ($picture === null || count($segment->pictures) > 1 || ! $picture->named?->isPlural) {
            return;
        }
        $before = substr($sentence->text, 0, max(0, $picture->at - $sentence->items[0]->at));
        if (preg_match('/\b(?:one|1|any) of (?:the|my|our|your|these|those)?\s*$/iu', $before) === 1) {
            $offers = array_map(fn (string $name): Offer => new Offer($name, $name, $name), array_slice($picture->names(), 0, 3));
            $picture->doubt('One of them: which?', $offers);
        }
    }

    /**
     * “x3 … x2”, “one for me and one for mum”: another number of the same prints is the right one, or comes besides.
     *
     * @param  list<Draft>  $of
     */
    public static function againstCount(Segment $segment, array $of): void
    {
        $counted = array_values(array_filter($of, fn (Draft $draft): bool => $draft->isCounted));
        $now = (int) $segment->count?->count;
        if ($counted === [] || $segment->count === null) {
            return;
        }
        $before = $counted[0]->copies;
        $both = $before + $now;
        $offers = array_map(
            fn (int $many): Offer => new Offer((string) $many, "{$many} copies"),
            array_values(array_unique([$now, $before, $both])),
        );
        $segment->count->doubt("How many of it: {$before}, {$now} or {$both}?", $offers);
    }

    /**
     * “Cake 8x10 and rings 5x5, twice”: the last of them, or all?
     *
     * @param  list<Segment>  $segments
     * @param  list<Draft>  $made
     */
    public static function askTwice(array $segments, array $made, ReadSentence $sentence): void
    {
        $last = count($segments) < 2 ? null : end($segments)->count;
        $isTwice = $last !== null && preg_match('/^(?:twice|thrice|(?:two|three|four|\d+) times)/iu', trim($last->words)) === 1;
        $isBehind = $isTwice && preg_match('/,\s*$/', substr($sentence->text, 0, $last->at - $sentence->items[0]->at)) === 1;
        if ($isBehind && count(array_filter($made, fn (Draft $draft): bool => $draft->isCounted)) === 1) {
            $last->doubt('The last of them, or all?');
        }
    }
}
