<?php

declare(strict_types=1);

namespace Planisher\Reading\Discourse;

use Planisher\Language\Offer;
use Planisher\Language\Says;
use Planisher\Measure\Size;
use Planisher\Reading\Chart\ChartItem;
use Planisher\Reading\Chart\ItemKind;
use Planisher\Reading\TooMuch;

/** Prints of a sentence: which pictures, in which size, how many. */
final class Orders
{
    private const WHICH = 'Which picture?';

    /** “2 of the small ones” */
    private const SOME_OF_THEM = '/\bof the (?:small|little|tiny|large|big|short|long|first|second|third|last|other|matte?|gloss)/iu';

    private const SIZED = ['size', Says::SIZE, Says::EACH_SIZE, Says::IS_ITS_SIZE, Says::ON_SHEET, Says::SCREEN, Says::ONE_SIDE];

    public function __construct(private readonly Talk $talk, private readonly Changes $changes, private readonly Unclear $unclear) {}

    /** @return list<Draft> what came of it */
    public function order(ReadSentence $sentence): array
    {
        $made = [];
        $this->changes->exceptions($sentence);
        $this->unclear->askNumbers($sentence);
        $this->unclear->askOfLast($sentence);
        $this->unclear->askOrder($sentence);
        $this->unclear->askBetween($sentence);
        $this->unclear->askPanels($sentence);
        Enumerated::askWithin($sentence);
        (new Strays($this->talk))->ask($sentence);
        $this->unclear->askBoth($sentence);
        $this->changes->formerly($sentence);
        $this->unclear->becoming($sentence);
        $this->unclear->eithers($sentence);
        $this->unclear->doubled($sentence);
        $this->changes->swapped($sentence);
        if (
            preg_match('/\b(?:otherwise|or else|if not)\b/iu', $sentence->text) === 1 &&
            count($sentence->segments) === 2 &&
            $sentence->segments[1]->pictures === [] &&
            $sentence->segments[1]->size !== null
        ) {
            array_pop($sentence->segments); // “20x30 if it is sharp enough, otherwise 16x20”
        }
        $segments = $sentence->segments;
        foreach ($segments as $n => $segment) {
            if (count($this->talk->drafts) + count($made) > TooMuch::MOST_PRINTS) {
                $why = 'More than '.number_format(TooMuch::MOST_PRINTS).' prints come of this list; those of this line were not made.';
                $this->talk->lines[$sentence->line]->doubt($why, $sentence->items[0]->at);
                break;
            }
            $made = [...$made, ...$this->segment($segment, $segments, $n, $sentence, $made)];
        }
        $this->unclear->askSizes($segments, $made, $sentence);
        Counts::spreadEach($segments, $made, $sentence);
        Counts::spreadBracket($made, $sentence);
        Counts::spreadSets($made, $sentence);
        Counts::askTwice($segments, $made, $sentence);
        $this->unclear->askUnfamiliar($made, $sentence);
        Unclear::askHowMany($made ?: $this->talk->drafts, $sentence);
        $this->gather($sentence, $made);

        return $made;
    }

    /**
     * @param  list<Segment>  $segments
     * @param  list<Draft>  $before  what came of the sentence so far
     * @return list<Draft>
     */
    private function segment(Segment $segment, array $segments, int $n, ReadSentence $sentence, array $before): array
    {
        Counts::counted($segment, $sentence);
        $scope = $segment->scope;
        if ($segment->pictures === [] && $scope?->kind === ItemKind::Rest) {
            $this->talk->rest[] = [$segment, $sentence];

            return [];
        }
        if ($segment->pictures === [] && $scope?->kind === ItemKind::All) {
            return $this->headsTheRest($segment, $segments, $n, $sentence) ? [] : $this->all($segment, $sentence);
        }
        $names = $this->others($segment, $sentence);
        $from = $segment->pictures;
        if ($segment->same?->value === 'line' && $segment->size !== null && $from !== [] && $segment->size->at < $from[0]->at) {
            $segment->same->doubt('The same as what? Say its sizes.'); // “… 8x10 and 5x7; lena-02 likewise”
        }
        if ($names === [] && $scope?->kind === ItemKind::Same) {
            $of = $before !== [] ? $before : $this->talk->last;
            $names = array_values(array_unique(array_filter(array_map(fn (Draft $draft): ?string => $draft->picture, $of))));
            $names === [] && $scope->doubt('The same as which picture?');
        }
        if ($names === [] && $scope?->kind === ItemKind::Place) {
            $many = (int) $scope->value;
            $spoken = array_values(
                array_unique(array_filter(array_map(fn (Draft $draft): ?string => $draft->picture, $this->talk->drafts))),
            );
            $of = $spoken === [] ? $this->talk->reader->pictures->all() : $spoken;
            $names = $many > 0 ? array_slice($of, 0, $many) : array_slice($of, $many);
            if ($spoken !== [] && $spoken !== $this->talk->reader->pictures->all()) {
                $scope->doubt('Of these, or of all pictures of the order?');
                $segment->size === null && ($this->talk->unsettled ??= 'Which of them are spoken of?');
            }
        }
        if ($names === [] && $from === []) {
            if ($segment->size === null && $segment->same === null && $segment->count !== null) {
                return $this->count($segment, $sentence, $before);
            }
            $of = $this->neighbour($segments, $n);
            $isOfThese = $segment->isEach && $segment->size !== null && $before !== [];
            if ($isOfThese) {
                // “… in 6x4, and one A4 of each”
                $names = array_values(array_unique(array_filter(array_map(fn (Draft $draft): ?string => $draft->picture, $before))));
            } elseif (
                $segment->isEach &&
                $segment->size !== null &&
                $this->talk->heading === null &&
                $this->talk->waiting() === [] &&
                ($of === null || $n === 0)
            ) {
                return $this->all($segment, $sentence);
            }
            if ($names !== []) {
                $from = [];
            } elseif ($of === null && $segment->excepted !== [] && $n > 0) {
                $names = $segment->excepted; // “everything … except the puppies, they want doing 7x5”
                $segment->excepted = [];
                $segment->size?->doubt('Of those that were left out?');
            } elseif ($of !== null) {
                [$names, $from] = [$of->names(), $of->pictures];
            } elseif ($before === [] && $segment->size !== null && $this->talk->waiting() !== [] && ! $segment->isAlso) {
                return $this->fillAbove($segment, $sentence);
            } elseif ($this->talk->heading !== null && $this->talk->heading->pictures !== []) {
                [$names, $from] = [$this->talk->heading->names(), $this->talk->heading->pictures];
            } elseif ($this->talk->topic !== []) {
                $names = $this->talk->topic;
                ($segment->size ?? ($segment->same ?? $segment->count))?->doubt('Of what was spoken of before?');
            } else {
                $all = $this->talk->reader->pictures->all();
                $names = $this->talk->chosen ?: (count($all) === 1 ? $all : []);
            }
        }
        if ($this->isBeside($segment, $segments, $n, $sentence, $names, $before)) {
            foreach ($segment->pictures as $picture) {
                $picture->why = null;
            }
            // “Cake and rings 5x7: cake portrait, …”
            $its = array_filter($before, fn (Draft $draft): bool => in_array($draft->picture, $names, true));
            foreach ($its as $draft) {
                $draft->wishes = [...$draft->wishes, ...$segment->wishes];
            }
            $its === [] && ($segment->wishes[0] ?? null)?->doubt('Of which print is that said?');

            return [];
        }
        if ($this->namesTheLast($segment, $names)) {
            return [];
        }
        $names = array_values(array_diff($names, $segment->excepted, $this->talk->heading->excepted ?? [], $this->talk->never));
        $names === [] &&
            $segment->pictures === [] &&
            ($segment->size ?? ($segment->same ?? $segment->count))?->doubt(
                $this->talk->reader->pictures->all() === [] ? 'There are no pictures in this order yet.' : self::WHICH,
            );
        if ($names === [] && $segment->pictures !== []) {
            return [];
        }
        if ($sentence->isStruck && $segment->size === null && ! $sentence->hasSize()) {
            return [];
        }
        if ($this->recounted($segment, $sentence, $names)) {
            return [];
        }
        $made = [];
        foreach ($names ?: [null] as $name) {
            $made[] = $this->draft($segment, $name, $from, $sentence);
        }
        $this->talk->known($made);
        $this->talk->add(...$made);

        return $made;
    }

    /**
     * A size below pictures that stand one below the other: “0401”, “0402”, “8x10 each”.
     *
     * @return list<Draft>
     */
    private function fillAbove(Segment $segment, ReadSentence $sentence): array
    {
        $filled = $this->fill($segment, $this->talk->waiting());
        $pictures = $this->talk->heading->pictures ?? [];
        if ($pictures === []) {
            return $filled;
        }
        $segment->isEach || $segment->size?->doubt('Of all the pictures above it, or of the last?');
        $made = array_map(
            fn (string $name): Draft => $this->draft($segment, $name, $pictures, $sentence),
            $this->talk->heading?->names() ?? [],
        );
        $this->talk->add(...$made);

        return [...$filled, ...$made];
    }

    /**
     * @param  list<Draft>  $drafts
     * @return list<Draft>
     */
    private function fill(Segment $segment, array $drafts): array
    {
        foreach ($drafts as $draft) {
            $segment->size === null || ($draft->size = $segment->size->size);
            $draft->from = [...$draft->from, ...array_values(array_filter([$segment->scope, $segment->size, $segment->count]))];
            $draft->wishes = [...$draft->wishes, ...$segment->wishes];
            if ($segment->count !== null && ! $draft->isCounted) {
                $draft->copies = (int) $segment->count->count;
                $draft->isCounted = true;
            }
        }

        return $drafts;
    }

    /**
     * “All 8x10: cake, rings”: all of those behind the colon, which get its size.
     *
     * @param  list<Segment>  $segments
     */
    private function headsTheRest(Segment $segment, array $segments, int $n, ReadSentence $sentence): bool
    {
        $end = max(array_map(fn (ChartItem $item): int => $item->end(), $segment->items()));
        $named = array_values(array_filter(array_slice($segments, $n + 1), fn (Segment $of): bool => $of->pictures !== []));
        $until = $named === [] ? $end : $named[0]->pictures[0]->at;
        $between = substr($sentence->text, $end - $sentence->items[0]->at, max(0, $until - $end));
        $isColon = preg_match('/^[^,;:]*(?:,[^:()]*\)\s*)?:/', $between) === 1;
        if ($segment->size === null || ! $isColon || $named === []) {
            return false;
        }
        foreach ($named as $of) {
            $of->size ??= $segment->size;
            $of->wishes = [...$segment->wishes, ...$of->wishes];
        }

        return true;
    }

    /**
     * “The other couple pictures”: those that weren't spoken of.
     *
     * @return list<string>
     */
    private function others(Segment $segment, ReadSentence $sentence): array
    {
        $names = $segment->names();
        $first = $segment->pictures[0] ?? null;
        $before = $first === null ? '' : substr($sentence->text, 0, max(0, $first->at - $sentence->items[0]->at));
        if (count($names) < 2 || preg_match('/\b(?:other|remaining|rest of(?: the)?)\s+$/iu', $before) !== 1) {
            return $names;
        }
        $spoken = array_map(fn (Draft $draft): ?string => $draft->picture, $this->talk->drafts);

        return array_values(array_diff($names, $spoken)) ?: $names;
    }

    /**
     * “Size: 8x10”, “Picture: garden”: the picture of the print that stands before.
     *
     * @param  list<string>  $names
     */
    private function namesTheLast(Segment $segment, array $names): bool
    {
        $last = $this->talk->drafts === [] ? null : $this->talk->drafts[count($this->talk->drafts) - 1];
        $isName = $segment->size === null && $segment->count === null && $segment->same === null && count($names) === 1;
        if (! $isName || $last === null || $last->picture !== null || $last->size === null || $this->talk->isApart) {
            return false;
        }
        if ($this->talk->over($segment)?->size !== null) {
            return false; // it has the size that it stands below
        }
        $last->picture = $names[0];
        $last->from = [...$last->from, ...$segment->pictures];
        foreach ($last->from as $item) {
            $item->why === self::WHICH && ($item->why = null);
        }
        $this->talk->last = [$last];

        return true;
    }

    /**
     * “Two of 0005”, where 0005 was ordered in one size before: it is that print.
     *
     * @param  list<string>  $names
     */
    private function recounted(Segment $segment, ReadSentence $sentence, array $names): bool
    {
        if (
            $names === [] ||
            $segment->count === null ||
            $segment->count->isBare ||
            $segment->size !== null ||
            $segment->same !== null ||
            $this->talk->over($segment)?->size !== null ||
            $this->sizeNear($segment, $sentence) !== null
        ) {
            return false;
        }
        $there = array_values(
            array_filter(
                $this->talk->drafts,
                fn (Draft $draft): bool => in_array($draft->picture, $names, true) &&
                    $draft->size !== null &&
                    $draft->line !== $sentence->line,
            ),
        );
        if (count($there) !== count($names)) {
            return false;
        }
        $isMore = $segment->count->isMore();
        foreach ($there as $draft) {
            $draft->copies = (int) $segment->count->count + ($isMore ? $draft->copies : 0);
            $draft->isAsked = true;
        }
        $segment->count->doubt('It was read as of the print of it that stands before.');

        return true;
    }

    /**
     * Pictures that are only spoken of: “… are for the actor playing the Fool”, “the last three (18, 19, 20)”.
     *
     * @param  list<Segment>  $segments
     * @param  list<string>  $names
     * @param  list<Draft>  $before
     */
    private function isBeside(Segment $segment, array $segments, int $n, ReadSentence $sentence, array $names, array $before): bool
    {
        $neighbour = $segments[$n - 1] ?? null;
        if (
            $neighbour === null ||
            $segment->size !== null ||
            $segment->count !== null ||
            $segment->same !== null ||
            $segment->pictures === []
        ) {
            return false;
        }
        $made = array_map(fn (Draft $draft): ?string => $draft->picture, $before);
        if ($names !== [] && array_diff($names, $made) === [] && ! $segment->isAlso) {
            return true;
        }
        $end = max(array_map(fn (ChartItem $item): int => $item->end(), $neighbour->items()));
        $between = array_filter($sentence->items, fn (ChartItem $item): bool => $item->at >= $end && $item->at < $segment->pictures[0]->at);
        $said = array_values(array_filter($between, fn (ChartItem $item): bool => $item->kind !== ItemKind::Passed));
        $last = $said === [] ? null : end($said);
        $isJoined =
            $last !== null &&
            $last->is(ItemKind::Stop, ItemKind::And, ItemKind::Also) &&
            array_filter(
                $between,
                fn (ChartItem $item): bool => $item->at > $last->at && preg_match('/^(?:for|to|from)$/i', $item->words) === 1,
            ) === [];
        $isFor =
            array_filter(
                $between,
                fn (ChartItem $item): bool => $item->kind === ItemKind::Unknown ||
                    preg_match('/^(?:for|playing|because|to|from)$/i', $item->words) === 1,
            ) !== [];

        return $neighbour->size !== null && $isFor && ! $isJoined;
    }

    /** @param  list<ChartItem>  $from  what its picture came of */
    public function draft(Segment $segment, ?string $name, array $from, ReadSentence $sentence): Draft
    {
        $draft = new Draft($sentence->line);
        $draft->picture = $name;
        $heading = $this->talk->over($segment);
        $near =
            $segment->size === null && $segment->same === null && $heading?->size === null ? $this->sizeNear($segment, $sentence) : null;
        $draft->from = array_values(array_filter([...$from, $segment->scope, $segment->size ?? $near, $segment->count]));
        $draft->wishes = [...$heading->wishes ?? [], ...$segment->wishes];
        if ($near !== null && $segment->wishes === []) {
            foreach ($sentence->segments as $one) {
                $one->size === $near && ($draft->wishes = [...$draft->wishes, ...$one->wishes]);
            }
        }
        $draft->remarks = array_map(fn (ChartItem $item): string => $item->words, [...$heading->remarks ?? [], ...$segment->remarks]);
        $like = $segment->same === null ? null : $this->like($segment, $sentence);
        if ($segment->size !== null || $near !== null) {
            $draft->size = ($segment->size ?? $near)?->size;
        } elseif ($like !== null) {
            $draft->size = $like->size;
        } elseif ($heading?->size !== null) {
            $draft->size = $heading->size->size;
            $draft->from[] = $heading->size;
        }
        $isScope = $segment->scope?->kind === ItemKind::Same && $segment->scope->value === 'line';
        $of = $isScope ? $this->like($segment, $sentence) : $like;
        if ($of !== null && ($isScope || $segment->same?->value === 'line')) {
            $isPrint = preg_match('/\bprints?\b/i', $segment->count->words ?? '') === 1; // “… plus 4 prints 5x7 of the same”
            // “ditto”, “ditto but 5x7”, “the same but lustre”
            $isSaidOtherwise = fn (ChartItem $its): bool => array_filter(
                $segment->wishes,
                fn (ChartItem $own): bool => Contrast::isOfOneKind($own, $its),
            ) !== [];
            $isLike = fn (ChartItem $its): bool => ! $isSaidOtherwise($its) && ! ($isPrint && isset($its->change['make']));
            $draft->wishes = [...array_filter($of->wishes, $isLike), ...$segment->wishes];
        }
        foreach ($draft->wishes as $i => $wish) {
            if ($wish->kind === ItemKind::Same) {
                $papers = [];
                foreach ($this->talk->drafts as $before) {
                    $of = array_filter($before->wishes, fn (ChartItem $one): bool => isset($one->change['paper']));
                    $of === [] || ($papers = array_values($of));
                }
                $draft->wishes = array_values(array_filter($draft->wishes, fn (ChartItem $one): bool => $one !== $wish));
                $papers === [] ? $wish->doubt('The same paper as what?') : ($draft->wishes = [...$draft->wishes, ...$papers]);
                $papers === [] && ($draft->isAsked = true);
                $papers === [] && ($draft->remarks[] = $wish->words);
            }
        }
        $draft->wishes = array_values($draft->wishes);
        $isStronger = $heading !== null && $heading->isStronger && $heading->count !== null;
        $count = $isStronger
            ? $heading->count
            : $segment->count ?? ($like === null || $segment->same?->value !== 'line' ? $heading->count ?? null : null);
        if ($count !== null) {
            $draft->copies = (int) $count->count;
            $draft->isCounted = $segment->count !== null;
            $count === $segment->count || ($draft->from[] = $count);
        } elseif ($like !== null && $segment->same?->value === 'line') {
            $draft->copies = $like->copies;
        }

        return $draft;
    }

    /** The size that stands next in the sentence: “6x4: 01, 02 (x2)”, “0412 and two of 0413 in 8x10”. */
    private function sizeNear(Segment $segment, ReadSentence $sentence): ?ChartItem
    {
        $at = (int) array_search($segment, $sentence->segments, true);
        for ($i = $at - 1; $i >= 0; $i--) {
            if ($sentence->segments[$i]->size !== null) {
                return $sentence->segments[$i]->size;
            }
        }
        for ($i = $at + 1; $i < count($sentence->segments); $i++) {
            if ($sentence->segments[$i]->size !== null) {
                return $sentence->segments[$i]->size;
            }
        }

        return null;
    }

    /** The print that “the same” speaks of. */
    private function like(Segment $segment, ReadSentence $sentence): ?Draft
    {
        $drafts = array_values(array_filter($this->talk->drafts, fn (Draft $draft): bool => $draft->size !== null));
        if ($drafts === []) {
            $segment->same?->doubt('The same as what?');

            return null;
        }
        $last = end($drafts);
        $before = $drafts[count($drafts) - 2] ?? null;
        $isOne = $before === null || $before->picture !== $last->picture;
        $isOne || $segment->same?->doubt('In all of the sizes before it, or in the last of them?');

        return $last;
    }

    /**
     * The nearest part of the sentence that names pictures: the one before, else the one behind.
     *
     * @param  list<Segment>  $segments
     */
    private function neighbour(array $segments, int $n): ?Segment
    {
        for ($i = $n - 1; $i >= 0; $i--) {
            if ($segments[$i]->pictures !== []) {
                return $segments[$i];
            }
        }
        for ($i = $n + 1; $i < count($segments); $i++) {
            if ($segments[$i]->pictures !== []) {
                return $segments[$i];
            }
        }

        return null;
    }

    /**
     * A number of prints by itself.
     *
     * @param  list<Draft>  $before
     * @return list<Draft>
     */
    private function count(Segment $segment, ReadSentence $sentence, array $before): array
    {
        if ($segment->count !== null && ($sentence->negates($segment->count) || ($before === [] && count($sentence->segments) > 1))) {
            $segment->count->doubt('How many of what is that?');
            $this->talk->unsettled ??= 'How many of what is that?';

            return [];
        }
        if ($before === [] && preg_match(self::SOME_OF_THEM, $sentence->text) === 1 && count($this->talk->drafts) > 1) {
            $segment->count?->doubt('Of which of them?');
            $this->talk->unsettled ??= 'Of which of them?';

            return [];
        }
        $of =
            $before !== []
                ? $before
                : ($segment->isEach
                    ? array_values(array_filter($this->talk->drafts, fn (Draft $draft): bool => ! $draft->isCounted))
                    : $this->talk->last);
        if ($of === [] && $this->talk->drafts === []) {
            $segment->count?->doubt('Of which picture, and in which size?');

            return [];
        }
        $segment->size = null;
        $uncounted = array_filter($this->talk->drafts, fn (Draft $draft): bool => ! $draft->isCounted);
        if ($before === [] && ! $segment->isEach && $segment->scope === null && count($uncounted) > 1 && count($of) < count($uncounted)) {
            $segment->count?->doubt('Of the last, or of each?', [new Offer('of each', "{$segment->count->count} of each")]);
            $this->talk->unsettled ??= 'Of the last, or of each?';
        }
        $isOfThem = preg_match('/\bof (?:them|these|those)\b/iu', $segment->count->words ?? '') === 1;
        $isOfThem && $sentence->has(ItemKind::Remark) && $segment->count?->doubt('So many in all, or how many of them are to be so?');
        Counts::againstCount($segment, $of);
        foreach ($of as $draft) {
            $draft->copies = (int) $segment->count?->count;
            $draft->isCounted = true;
            $segment->count === null || ($draft->from[] = $segment->count);
            $draft->wishes = [...$draft->wishes, ...$segment->wishes];
        }

        return $before !== [] ? [] : $of;
    }

    /** @return list<Draft> */
    private function all(Segment $segment, ReadSentence $sentence): array
    {
        $waiting = $this->talk->waiting();
        $value = (int) ($segment->scope->value ?? 0);
        $hasSized = array_filter($this->talk->drafts, fn (Draft $draft): bool => $draft->size !== null) !== [];
        $isOfWaiting = ! $hasSized || $value === count($waiting) || $segment->scope?->words === 'all';
        if ($segment->size !== null && $waiting !== [] && $isOfWaiting) {
            $value > 0 &&
                $value !== count($waiting) &&
                $segment->scope?->doubt("{$value} are spoken of, and ".count($waiting).' wait for a size.');

            return $this->fill($segment, $waiting);
        }
        if ($segment->size === null && $segment->same === null && ! ($this->talk->drafts === [] && self::haveSize($segment->wishes))) {
            foreach ($this->talk->drafts as $draft) {
                if ($segment->count !== null && ! $draft->isCounted) {
                    $draft->copies = (int) $segment->count->count;
                    $draft->from[] = $segment->count;
                }
            }
            $this->talk->general = [...$this->talk->general, ...$segment->wishes];
            if ($this->talk->drafts === [] && $segment->wishes === []) {
                $segment->scope?->doubt('In which size?');
                foreach (array_diff($this->talk->reader->pictures->all(), $this->talk->struck) as $name) {
                    $this->talk->add($this->draft($segment, $name, [], $sentence));
                }
            }

            return [];
        }
        $names = array_values(array_diff($this->talk->reader->pictures->all(), $segment->excepted));
        $names === [] && $segment->scope?->doubt('There are no pictures in this order yet.');
        if ($value > 0 && $value !== count($names)) {
            $segment->scope?->doubt("{$value} are spoken of, and there are ".count($names).' pictures.');
        }
        $spoken = array_filter(array_map(fn (Draft $draft): ?string => $draft->picture, $this->talk->drafts));
        if ($spoken !== [] && array_diff($names, $spoken) !== []) {
            // “… and all of the above in 5x7”, “… and two 4x6 of each”
            ($segment->scope ?? ($segment->count ?? $segment->size))?->doubt('All pictures of the order, or those that were spoken of?');
            $names = $segment->scope === null ? array_values(array_unique($spoken)) : $names;
        }
        if ($this->talk->blocks[$sentence->line]->isColon() && $segment->size !== null) {
            $segment->size->doubt('All pictures of the order, or those below?');
        }
        if (array_intersect($names, $this->talk->struck) !== []) {
            $segment->scope?->doubt('Are those that were taken back left out here, too?');
            $names = array_values(array_diff($names, $this->talk->struck));
        }
        $made = [];
        foreach ($names as $name) {
            $made[] = $this->draft($segment, $name, [], $sentence);
        }
        $this->talk->add(...$made);

        return $made;
    }

    /** @param  list<ChartItem>  $wishes */
    public static function haveSize(array $wishes): bool
    {
        return array_filter($wishes, fn (ChartItem $wish): bool => array_intersect_key($wish->change, array_flip(self::SIZED)) !== []) !==
            [];
    }

    /**
     * Prints of a sentence that share sheets.
     *
     * @param  list<Draft>  $made
     */
    private function gather(ReadSentence $sentence, array $made): void
    {
        $sizes = array_filter(
            array_map(fn (ChartItem $wish): mixed => $wish->change[Says::ON_SHEET] ?? null, $sentence->of(ItemKind::Wish)),
        );
        $on = $sizes === [] ? [] : ['on' => (string) Size::parse((string) current($sizes), $this->talk->reader->known->unit)];
        $isGathered = false;
        foreach ($sentence->segments as $segment) {
            $count = $segment->count;
            foreach ($count?->value === 'sheet' ? $made : [] as $draft) {
                if (in_array($count, $draft->from, true)) {
                    $this->talk->sheets[] = [[$draft], ['many' => 0] + $on, $count]; // “9 up garden 2x3 on 8x12”
                    $isGathered = true;
                }
            }
        }
        foreach ($isGathered ? [] : $sentence->of(ItemKind::Wish) as $wish) {
            if (isset($wish->change[Says::GATHER])) {
                $this->talk->sheets[] = [$this->onSheet($wish, $sentence, $made), $wish->change[Says::GATHER] + $on, $wish];
            } elseif (isset($wish->change[Says::ON_SHEET])) {
                $sheet = Size::parse((string) $wish->change[Says::ON_SHEET], $this->talk->reader->known->unit);
                $areas = array_map(fn (Draft $of): float => $of->copies * ($of->size?->areaSquareInches() ?? 1e9), $made);
                $area = array_sum($areas);
                $many = array_sum(array_map(fn (Draft $draft): int => $draft->copies, $made));
                if ($many > 1 && $area <= $sheet->areaSquareInches() * 1.001) {
                    isset($wish->change[Says::IS_SHARED]) ||
                        $area > 0.45 * $sheet->areaSquareInches() ||
                        $wish->doubt('Each on a sheet of its own, or together on one?');
                    $this->talk->sheets[] = [$made, ['many' => 0, 'on' => (string) $sheet], $wish];
                } elseif ($many > 1 && isset($wish->change[Says::IS_SHARED])) {
                    $wish->doubt('They don’t all go on one sheet of that size.');
                }
            }
        }
    }

    /**
     * “Boat and gears on one 10x8, and rope as 6x4”: what has its own size behind the sheet is likely beside it.
     *
     * @param  list<Draft>  $made
     * @return list<Draft>
     */
    private function onSheet(ChartItem $sheet, ReadSentence $sentence, array $made): array
    {
        $isBehind = fn (Segment $of): bool => $of->size !== null &&
            $of->pictures !== [] &&
            min(array_map(fn (ChartItem $item): int => $item->at, $of->items())) > $sheet->at;
        $behind = array_filter($sentence->segments, $isBehind);
        $isLast =
            $behind !== [] && count($behind) < count(array_filter($sentence->segments, fn (Segment $of): bool => $of->pictures !== []));
        if (! $isLast) {
            return $made;
        }
        $names = array_merge(...array_map(fn (Segment $of): array => $of->names(), array_values($behind)));
        $sheet->doubt('What stands behind it was read as no part of the sheet.');

        return array_values(array_filter($made, fn (Draft $of): bool => ! in_array($of->picture, $names, true)));
    }

    /** “The rest in 4x6”: what the message hasn't spoken of, which is known at its end. */
    public function orderTheRest(): void
    {
        foreach ($this->talk->rest as [$segment, $sentence]) {
            $spoken = array_map(fn (Draft $draft): ?string => $draft->picture, $this->talk->drafts);
            $names = array_values(array_diff($this->talk->reader->pictures->all(), $spoken, $segment->excepted, $this->talk->struck));
            $segment->size === null &&
                $segment->same === null &&
                $this->talk->over($segment)?->size === null &&
                $segment->scope?->doubt('In which size?');
            $isSized = $segment->size !== null || $segment->same !== null || $this->talk->over($segment)?->size !== null;
            foreach ($isSized ? $names : [] as $name) {
                $this->talk->add($this->draft($segment, $name, [], $sentence));
            }
        }
    }
}
