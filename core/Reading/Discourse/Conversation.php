<?php

declare(strict_types=1);

namespace Planisher\Reading\Discourse;

use Planisher\Language\Says;
use Planisher\Language\Words\Named;
use Planisher\Measure\Size;
use Planisher\Reading\Chart\ChartItem;
use Planisher\Reading\Chart\ItemKind;
use Planisher\Reading\Message\Block;
use Planisher\Reading\Message\BlockKind;
use Planisher\Reading\ReadLine;

/** Reads a message sentence by sentence: prints come of it, are filled in, changed and taken back. */
final class Conversation
{
    /** In words: a line of a list */
    private const SHORT = 4;

    private const SOME_PICTURE =
        '/^\W*(?:(?:and|also|plus)\s+)?(?:the|that|those|these)\s+(?:[\p{L}-]+\s+){1,3}'.
        '(?:ones?|pictures?|photos?|pics?|shots?)\W*$/iu';

    private readonly Headings $headings;

    private readonly Orders $orders;

    private readonly Changes $changes;

    private readonly Unclear $unclear;

    private readonly Asides $asides;

    public function __construct(private readonly Talk $talk)
    {
        $this->headings = new Headings($talk);
        $this->changes = new Changes($talk);
        $this->unclear = new Unclear($talk);
        $this->asides = new Asides($talk);
        $this->orders = new Orders($talk, $this->changes, $this->unclear);
    }

    /** Reads all of it; the prints stand in their lines afterwards. */
    public function read(): void
    {
        $talk = $this->talk;
        Enumerated::askDashes($talk->sentences);
        if (Enumerated::ask($talk->sentences) || Enumerated::areApart($talk->sentences)) {
            $talk->unsettled ??= 'Numbers stand in lines by themselves. Of what are they?';
        }
        foreach ($talk->blocks as $at => $block) {
            if ($block->kind === BlockKind::Asked) {
                $this->asked($block);
            }
            if ($block->kind === BlockKind::Blank || $block->kind === BlockKind::Ruled) {
                $isUnderHeading = $block->kind === BlockKind::Ruled && $talk->headedAt === $at - 1;
                $talk->isApart = $talk->isApart || ! $isUnderHeading;
                $block->kind === BlockKind::Blank && $this->headings->parts();

                continue;
            }
            $of = $this->talk->sentences[$at] ?? [];
            if ($of === []) {
                continue;
            }
            if ($this->headings->mutes($at)) {
                continue;
            }
            if ($this->headings->heads($at)) {
                $this->headings->head($at);

                continue;
            }
            $this->carried($of, $at);
            foreach ($of as $sentence) {
                $block->isStruck && ($sentence->speech = Speech::TakesBack);
                $this->sentence($sentence, $block);
                $this->asides->otherwise($sentence);
            }
        }
        $this->finish();
    }

    /**
     * A sentence that goes on from the line above is said as that was said.
     *
     * @param  list<ReadSentence>  $of
     */
    private function carried(array $of, int $at): void
    {
        $above = $this->talk->blocks[$at - 1] ?? null;
        $before = $this->talk->sentences[$at - 1] ?? [];
        $last = end($before);
        if (
            $above !== null &&
            $last !== false &&
            preg_match('/,\s*$/', $above->text) === 1 &&
            in_array($last->speech, [Speech::Report, Speech::Question, Speech::TakesBack], true) &&
            $this->talk->blocks[$at]->item === null
        ) {
            $of[0]->speech = $last->speech === Speech::TakesBack ? Speech::Report : $last->speech;
        }
    }

    /** Somebody else's question says what its answer is about. */
    private function asked(Block $block): void
    {
        $names = array_merge(
            ...array_map(
                fn (ChartItem $item): array => $item->kind === ItemKind::Pictures && ! ($item->named->isNumber ?? false)
                    ? $item->names()
                    : [],
                $this->talk->reader->items($block->words()),
            ),
            ...[[]],
        );
        $names === [] || ($this->talk->topic = array_values(array_unique($names)));
        $line = $this->talk->lines[(int) array_search($block, $this->talk->blocks, true)];
        $line->items = ChartItem::moved($this->talk->reader->items($block->words()), $block->start);
        $says = array_filter(
            $line->items,
            fn (ChartItem $item): bool => $item->is(ItemKind::Wish, ItemKind::Size, ItemKind::Pictures, ItemKind::Count),
        );
        foreach ($line->items as $item) {
            $item->why = null;
        }
        if ($says !== []) {
            $line->doubt('This was asked or offered. What the answer says of it is looked at: “'.trim($block->words()).'”');
            $this->talk->unsettled ??= 'Something was asked and answered.';
        }
    }

    private function sentence(ReadSentence $sentence, Block $block): void
    {
        $line = $this->talk->lines[$sentence->line];
        $this->talk->sums = [...$this->talk->sums, ...$sentence->of(ItemKind::Sum)];
        if ($block->isColon() && $sentence->segments === [] && $sentence->of(ItemKind::Wish) === []) {
            // “For my wall:” begins something new.
            $this->talk->heading = null;
            $sentence->passOver();

            return;
        }
        // “* = two copies”, below the list: a note to something above
        $isNote = preg_match('/^\s*[*†‡]+\s*(?:=|means\b)/iu', $line->text) === 1;
        if ($isNote || preg_match('/\b(?:item|line|row|entry) #?\d+\b|^\W*of each\b/iu', $sentence->text) === 1) {
            $this->talk->unsettled ??= 'Something of the list is spoken of again.';
            $this->talk->lines[$sentence->line]->doubt('This speaks of something else of the list. Look at it.', $sentence->items[0]->at);
        }
        if ($sentence->segments === []) {
            match ($sentence->speech) {
                Speech::Question, Speech::Report => $sentence->quote('This asks or tells something. It stays as a remark.'),
                Speech::TakesBack => $this->changes->takeBack($sentence),
                default => $this->wishesAlone($sentence, $line),
            };

            return;
        }
        if ($this->isLabel($sentence, $block)) {
            $this->talk->heading = null;
            $sentence->passOver();
            foreach ($sentence->items as $item) {
                $item->kind === ItemKind::Remark || ($item->why = null);
            }

            return;
        }
        $this->items($sentence);
        if (preg_match('/^\s*no\s+\d{3,}/i', $sentence->text) === 1 && ! $sentence->hasSize()) {
            $sentence->speech = Speech::TakesBack;
        }
        if ($this->spoken($sentence)) {
            return;
        }
        if ($this->isProse($sentence)) {
            $this->prose($sentence);

            return;
        }
        $made = $this->orders->order($sentence);
        $this->asides->tally($sentence, $made);
        $this->asides->inBrackets($sentence, $made);
        $this->askOfSpeech($sentence, $made);
        $this->talk->keepReasons($sentence);
        $this->talk->last = $made ?: $this->talk->last;
    }

    /** @return bool whether its way of speaking says all of it: it asks, tells, takes back or changes something */
    private function spoken(ReadSentence $sentence): bool
    {
        switch ($sentence->speech) {
            case Speech::Question:
                $this->asides->ofEach($sentence);
                $sentence->quote('This asks something. It stays as a remark.', isAsked: true);

                return true;
            case Speech::Report:
                if (
                    $sentence->hasPictures() &&
                    $sentence->hasSize() &&
                    preg_match('/\b(?:please|add|i want|i need|supply|send|print)\b/iu', $sentence->text) === 1
                ) {
                    $sentence->speech = Speech::Condition;

                    return false;
                }
                $names = array_merge(...array_map(fn (Segment $one): array => $one->names(), $sentence->segments), ...[[]]);
                $this->talk->topic = $names ?: $this->talk->topic;
                $this->asides->ofEach($sentence);
                $sentence->quote('This tells of something, and orders nothing, it seems.');

                return true;
            case Speech::TakesBack:
                $this->changes->takeBack($sentence);

                return true;
            case Speech::Changes:
                return ($this->talk->drafts !== [] && $this->changes->change($sentence)) || $this->changes->renames($sentence);
            default:
                return false;
        }
    }

    /** Words that order nothing by themselves; a number of prints among them is asked. */
    private function prose(ReadSentence $sentence): void
    {
        $counts = array_values(array_filter($sentence->of(ItemKind::Count), fn (ChartItem $item): bool => ! $item->isBare));
        if ($counts !== [] && $this->talk->drafts !== [] && $sentence->speech === Speech::Order) {
            $this->talk->unsettled ??= 'So many of what?';
            $counts[0]->doubt('So many of what?');
            $sentence->passOver(but: $counts[0]);

            return;
        }
        if (
            $sentence->speech === Speech::Changes &&
            $this->talk->drafts !== [] &&
            $sentence->has(ItemKind::All, ItemKind::Each, ItemKind::Count)
        ) {
            $sentence->first()?->doubt($this->talk->unsettled ??= 'This seems to change something. Look at what it speaks of.');

            return; // “make all those 4 actually”
        }
        $sentence->has(ItemKind::Each) &&
            $this->talk->drafts !== [] &&
            ($this->talk->unsettled ??= 'How many of each?') &&
            $sentence->of(ItemKind::Each)[0]->doubt('How many of each?');
        $many = array_filter($sentence->of(ItemKind::All), fn (ChartItem $all): bool => (int) $all->value > 0);
        if ($many !== [] && $this->talk->drafts !== [] && ! $sentence->has(ItemKind::Unknown)) {
            current($many)->doubt('What of them?'); // “me: all four”
            $this->talk->unsettled ??= 'What of them?';
        }
        $sentence->passOver();
        $this->missed($sentence);
    }

    /**
     * What is said on a condition or changes something is asked.
     *
     * @param  list<Draft>  $made  what came of it
     */
    private function askOfSpeech(ReadSentence $sentence, array $made): void
    {
        $isChange = $sentence->speech === Speech::Changes && ($this->talk->drafts !== $made || Changes::endsOtherwise($sentence));
        if ($sentence->speech === Speech::Condition || $isChange) {
            $why =
                $sentence->speech === Speech::Condition
                    ? 'This is said on a condition. Is it wanted?'
                    : 'This seems to change something. Look at what it speaks of.';
            $sentence->first()?->doubt($why);
            foreach ($sentence->of(ItemKind::Wish) as $wish) {
                $wish->doubt($why);
            }
            foreach ($made as $draft) {
                $draft->isAsked = true;
            }
            $sentence->speech === Speech::Changes && ! $sentence->hasSize() && ($this->talk->unsettled ??= $why);
        }
        $isOfNone = Draft::areOfNone($made);
        if ($isOfNone && ($sentence->countsEach() || $sentence->has(ItemKind::Each, ItemKind::Instead))) {
            $this->talk->unsettled ??= 'How many of each?'; // “same as before but two of each instead of one”
        }
        if ($isOfNone && $this->talk->blocks[$sentence->line]->isColon()) {
            $this->talk->unsettled ??= 'Is it said of the lines below?'; // “0401. 0402 x2. 8x10:”
        }
        $isOfOthers = count($this->talk->drafts) > count($made) && $sentence->has(ItemKind::All) && $sentence->has(ItemKind::Wish);
        if ($isOfOthers && $sentence->isAsked()) {
            $this->talk->unsettled ??= 'Something is said of all of them that isn’t clear.';
        }
    }

    /** “For the Harbour Row launch:”, where pictures with sizes follow, names none. */
    private function isLabel(ReadSentence $sentence, Block $block): bool
    {
        if (
            ! $block->isColon() ||
            $sentence->hasSize() ||
            $sentence->has(ItemKind::Count, ItemKind::Not) ||
            ! $sentence->has(ItemKind::Unknown)
        ) {
            return false;
        }
        [$next] = $this->headings->next($sentence->line);

        return $next !== null && $next->hasPictures() && $next->hasSize();
    }

    /** A bare number among words that aren't ours is no count. */
    private function isProse(ReadSentence $sentence): bool
    {
        $isLoose = ! $sentence->has(ItemKind::Size, ItemKind::Pictures, ItemKind::Rest, ItemKind::Wish, ItemKind::Same);
        $unknown = $sentence->of(ItemKind::Unknown);
        if (! $isLoose) {
            return false;
        }
        foreach ($sentence->segments as $segment) {
            if ($segment->count !== null && ! $segment->count->isBare && ($unknown === [] || $segment->isEach)) {
                return false;
            }
            if ($segment->scope?->kind === ItemKind::Place) {
                return $unknown !== [];
            }
        }

        return $unknown !== [] || ! $sentence->has(ItemKind::Count, ItemKind::Each);
    }

    /** A short line in a list under a size is a picture that isn't known by that name, and no talk. */
    private function missed(ReadSentence $sentence): void
    {
        $isListed = $this->talk->heading?->size !== null && $this->talk->heading->pictures === [] && ! $this->talk->isApart;
        $unknown = $sentence->of(ItemKind::Unknown);
        if ($isListed && $unknown !== [] && $sentence->speech === Speech::Order && str_word_count($sentence->text) <= self::SHORT) {
            $unknown[0]->doubt('No picture is called so.', $this->talk->reader->pictures->like(mb_strtolower($unknown[0]->words)));
        }
    }

    /** “And the blue one”: a picture is spoken of, and none is called so. */
    private function isUnnamed(ReadSentence $sentence): bool
    {
        $wishes = $sentence->of(ItemKind::Wish);
        $isOfLook = array_filter($wishes, fn (ChartItem $of): bool => array_keys($of->change) !== [Says::STYLE]) === [];

        return $sentence->speech === Speech::Order &&
            $isOfLook &&
            ($sentence->has(ItemKind::Unknown) || $wishes !== []) &&
            preg_match(self::SOME_PICTURE, $sentence->text) === 1;
    }

    /** Wishes by themselves: of all prints, or of those before them. */
    private function wishesAlone(ReadSentence $sentence, ReadLine $line): void
    {
        $wishes = $sentence->of(ItemKind::Wish);
        if ($this->isUnnamed($sentence)) {
            $sentence->passOver();
            $line->doubt('Which picture is that?', $sentence->items[0]->at);

            return;
        }
        foreach ($sentence->of(ItemKind::Same) as $same) {
            $same->doubt('The same as what?');
            foreach ($this->talk->last as $draft) {
                $draft->isAsked = true;
                $draft->remarks[] = $same->words;
            }
        }
        $isOfAll = $sentence->has(ItemKind::All, ItemKind::Each);
        if ($wishes === [] || ($sentence->speech === Speech::Question && ! $isOfAll)) {
            $remarks = $sentence->of(ItemKind::Remark);
            if ($remarks !== [] && $this->talk->last !== []) {
                $isOfOne = count($this->talk->last) > 1 && ! $isOfAll && $sentence->has(ItemKind::Unknown); // “Pat would like hers in b/w”
                $isOfOne && $line->doubt('Of which of them is that said?', $remarks[0]->at);
                foreach ($this->talk->last as $draft) {
                    $draft->isAsked = $draft->isAsked || $isOfOne;
                    $draft->remarks = [...$draft->remarks, ...array_map(fn (ChartItem $item): string => $item->words, $remarks)];
                }
            }
            foreach ($sentence->of(ItemKind::Not) as $not) {
                $not->why = null;
            }
            $sentence->passOver();
            $this->missed($sentence);
            $isAsked = preg_match('/\b(?:can|could|would|will) you\b.*\b(?:it|them|this|that)\b/iu', $sentence->text) === 1;
            if ($isAsked && $sentence->has(ItemKind::Unknown)) {
                $line->doubt('This asks for something that isn’t known here. It stays as a remark.', $sentence->items[0]->at);
            }

            return;
        }
        $here = array_values(array_filter($this->talk->drafts, fn (Draft $draft): bool => $draft->line === $sentence->line));
        $isFirst = $this->talk->drafts === [];
        if ($isOfAll || $isFirst) {
            $this->talk->general = [...$this->talk->general, ...$wishes];
        } elseif ($here !== []) {
            self::give($here, $wishes);
        } elseif ($this->talk->blocks[$sentence->line]->indent > 1 || count($this->talk->drafts) === 1) {
            self::give($this->talk->last, $wishes);
        } else {
            count($this->talk->drafts) > 1 && $wishes[0]->doubt('Of which prints is that said? It was read as of all.');
            $this->talk->general = [...$this->talk->general, ...$wishes];
        }
        foreach ($wishes as $wish) {
            if (isset($wish->change[Says::GATHER])) {
                $this->talk->sheets[] = [$this->talk->drafts, $wish->change[Says::GATHER], $wish];
            }
        }
        $this->talk->keepReasons($sentence);
    }

    /**
     * @param  list<Draft>  $drafts
     * @param  list<ChartItem>  $wishes
     */
    private static function give(array $drafts, array $wishes): void
    {
        foreach ($drafts as $draft) {
            $draft->wishes = [...$draft->wishes, ...$wishes];
        }
    }

    /** “Number 6”, “item 2 again”: of a numbered list, what stands there. */
    private function items(ReadSentence $sentence): void
    {
        foreach ($sentence->segments as $segment) {
            foreach ($segment->pictures as $i => $picture) {
                if (preg_match('/^(?:number|item|no\.?)\s*(\d{1,2})$/iu', trim($picture->words), $m) !== 1) {
                    continue;
                }
                foreach ($this->talk->blocks as $at => $block) {
                    $names =
                        $block->item === (int) $m[1] && $at < $sentence->line
                            ? array_merge(
                                ...array_map(
                                    fn (ReadSentence $one): array => array_merge(
                                        ...array_map(fn (Segment $of): array => $of->names(), $one->segments),
                                        ...[[]],
                                    ),
                                    $this->talk->sentences[$at] ?? [],
                                ),
                                ...[[]],
                            )
                            : [];
                    if ($names !== []) {
                        $picture->why = null;
                        $segment->pictures[$i] = new ChartItem(...['named' => new Named($names)] + get_object_vars($picture));
                        break;
                    }
                }
            }
        }
    }

    /** What was said to be otherwise and wasn't settled has all of it looked at. */
    private function lookedAt(): void
    {
        if ($this->talk->unsettled === null) {
            return;
        }
        foreach ($this->talk->drafts as $draft) {
            $draft->isAsked = true;
        }
        $isTold = array_filter($this->talk->lines, fn (ReadLine $line): bool => ! $line->isSure()) !== [];
        $isTold || $this->talk->drafts === [] || $this->talk->lines[$this->talk->drafts[0]->line]->doubt($this->talk->unsettled);
    }

    private function finish(): void
    {
        $this->changes->putRenamed();
        $this->orders->orderTheRest();
        $this->changes->takeBackMakes();
        $this->unclear->askSizeless();
        $this->unclear->askTwins();
        $this->unclear->askSums();
        foreach ($this->talk->sentences as $at => $of) {
            $this->unclear->askNumbered($at, $of);
        }
        $unused = new Unused($this->talk->drafts, $this->talk->general, $this->talk->struck);
        foreach (array_merge(...array_values($this->talk->sentences)) as $sentence) {
            $unused->ask($sentence);
        }
        foreach ($this->talk->headings as $heading) {
            $unused->askHeading($heading) && ($this->talk->unsettled ??= 'A heading was read, and nothing stands under it.');
        }
        $this->lookedAt();
        (new Maker($this->talk->reader->known, $this->talk->general))->make($this->talk->drafts, $this->talk->sheets, $this->talk->lines);
    }
}
