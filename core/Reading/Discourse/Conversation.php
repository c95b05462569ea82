<?php

declare(strict_types=1);

namespace Planisher\Reading\Discourse;

use Planisher\Language\Known;
use Planisher\Language\Offer;
use Planisher\Language\Says;
use Planisher\Language\Words\Named;
use Planisher\Measure\Size;
use Planisher\Reading\Chart\Item;
use Planisher\Reading\Chart\Kind;
use Planisher\Reading\Message\Block;
use Planisher\Reading\Message\BlockKind;
use Planisher\Reading\Reader;
use Planisher\Reading\ReadLine;
use Planisher\Reading\TooMuch;

/**
 * What holds while a message is read: headings, what was spoken of last, what waits for a size. Sentence by sentence prints come of
 * it, are filled in, changed and taken back.
 */
final class Conversation
{
    /** In words: a line of a list */
    private const SHORT = 4;

    private const WHICH = 'Which picture?';

    private const SOME_PICTURE =
        '/^\W*(?:(?:and|also|plus)\s+)?(?:the|that|those|these)\s+(?:[\p{L}-]+\s+){1,3}'.
        '(?:ones?|pictures?|photos?|pics?|shots?)\W*$/iu';

    /** What says a size in another way */
    /** Said of prints that come besides */
    private const MORE = '/\b(?:more|extra|another|spare|further)\b/iu';

    /** A part of a side: sizes are told in round figures of either unit (common practice, no source). */
    private const NEAR = 0.035;

    /** “2 for each of 3 families” */
    private const FOR_MANY =
        '/\b(?:\d+|two|three|four|five|six|seven|eight|nine|ten|twelve) (?:famil|households|couples|tables|offices|rooms|parents'.
        '|grand\w+|aunts|uncles|sisters|brothers|guests|teachers|classes|friends|colleagues|sponsors)/iu';

    /** “2 of the small ones” */
    private const SOME_OF_THEM = '/\bof the (?:small|little|tiny|large|big|short|long|first|second|third|last|other|matte?|gloss)/iu';

    private const SIZED = ['size', Says::SIZE, Says::EACH_SIZE, Says::IS_ITS_SIZE, Says::ON_SHEET, Says::SCREEN];

    /** @var list<Draft> */
    private array $drafts = [];

    /** Whether a print was read that has no size yet */
    private bool $isWaiting = false;

    /** @var list<Draft> those of the sentence before */
    private array $last = [];

    /** What the heading says that is over the lines now */
    private ?Segment $heading = null;

    private ?string $headingMake = null;

    /** The line of the heading */
    private int $headedAt = -2;

    /** Nothing stood under the heading that mutes yet */
    private bool $isMuteOpen = false;

    /** A blank line stood since the heading's last line */
    private bool $isApart = false;

    /** @var list<Item> wishes for all prints */
    private array $general = [];

    /** @var list<string> pictures that were taken back */
    private array $struck = [];

    /** @var list<array{Segment, Sentence}> “the rest”, which is known at the end */
    private array $rest = [];

    /** @var list<array{list<Draft>, array<string, mixed>, Item}> prints that share sheets, and how */
    private array $sheets = [];

    /** @var list<string> pictures that were spoken of last, though nothing was ordered of them */
    private array $topic = [];

    /** @var list<Item> */
    private array $sums = [];

    /** @var list<string> pictures that were left out before anything was ordered: “as before but without …” */
    private array $never = [];

    /** @var array<string, string> pictures that are meant, by those that are named */
    private array $renamed = [];

    /** @var list<string> finishes that were taken back */
    private array $struckMakes = [];

    /** Why nothing comes of the lines under this heading: “Please quote for:” */
    private ?string $muted = null;

    /** Something was said to be otherwise, and nobody could tell what: all of it is looked at */
    private ?string $unsettled = null;

    /**
     * @param  list<Block>  $blocks
     * @param  array<int, ReadLine>  $lines  by the block's place
     * @param  array<int, list<Sentence>>  $sentences  by the block's place
     * @param  list<string>  $chosen  pictures that are meant where nothing is said
     */
    public function __construct(
        private readonly Reader $reader,
        private readonly array $blocks,
        private readonly array $lines,
        private array $sentences,
        private readonly array $chosen,
    ) {}

    /** Reads all of it; the prints stand in their lines afterwards. */
    public function read(): void
    {
        foreach ($this->blocks as $at => $block) {
            if ($block->kind === BlockKind::Asked) {
                $this->asked($block);
            }
            if ($block->kind === BlockKind::Blank || $block->kind === BlockKind::Ruled) {
                $isUnderHeading = $block->kind === BlockKind::Ruled && $this->headedAt === $at - 1;
                $this->isApart = $this->isApart || ! $isUnderHeading;
                $block->kind === BlockKind::Blank && $this->muted !== null && ! $this->isMuteOpen && ($this->muted = null);

                continue;
            }
            $of = $this->sentences[$at] ?? [];
            if ($of === []) {
                continue;
            }
            if ($this->mutes($at)) {
                continue;
            }
            if ($this->heads($at)) {
                $this->head($at);

                continue;
            }
            $this->carried($of, $at);
            foreach ($of as $sentence) {
                $this->sentence($block->isStruck ? self::struck($sentence) : $sentence, $block);
            }
        }
        $this->finish();
    }

    /**
     * A sentence that goes on from the line above is said as that was said.
     *
     * @param  list<Sentence>  $of
     */
    private function carried(array $of, int $at): void
    {
        $above = $this->blocks[$at - 1] ?? null;
        $before = $this->sentences[$at - 1] ?? [];
        $last = end($before);
        if (
            $above !== null &&
            $last !== false &&
            preg_match('/,\s*$/', $above->text) === 1 &&
            in_array($last->speech, [Speech::Report, Speech::Question, Speech::TakesBack], true) &&
            $this->blocks[$at]->item === null
        ) {
            $of[0]->speech = $last->speech === Speech::TakesBack ? Speech::Report : $last->speech;
        }
    }

    /** Somebody else's question says what its answer is about. */
    private function asked(Block $block): void
    {
        $names = array_merge(
            ...array_map(
                fn (Item $item): array => $item->kind === Kind::Pictures && ! ($item->named->isNumber ?? false) ? $item->names() : [],
                $this->reader->items($block->words()),
            ),
            ...[[]],
        );
        $names === [] || ($this->topic = array_values(array_unique($names)));
        $line = $this->lines[(int) array_search($block, $this->blocks, true)];
        $line->items = self::moved($this->reader->items($block->words()), $block->start);
        $says = array_filter(
            $line->items,
            fn (Item $item): bool => in_array($item->kind, [Kind::Wish, Kind::Size, Kind::Pictures, Kind::Count], true),
        );
        foreach ($line->items as $item) {
            $item->why = null;
        }
        if ($says !== []) {
            $line->doubt('This was asked or offered. What the answer says of it is looked at: “'.trim($block->words()).'”');
            $this->unsettled ??= 'Something was asked and answered.';
        }
    }

    private static function struck(Sentence $sentence): Sentence
    {
        $sentence->speech = Speech::TakesBack;

        return $sentence;
    }

    // ---------------------------------------------------------------- headings

    /** “Please quote for (don’t print yet):” — nothing comes of what stands under it. */
    private function mutes(int $at): bool
    {
        $block = $this->blocks[$at];
        $text = trim($block->words());
        $isShort = preg_match('/^[\p{Lu}\s]{6,30}$/u', $text) === 1;
        $of = $this->sentences[$at];
        $isNone = array_filter($of, fn (Sentence $one): bool => $one->segments !== []) === [];
        if (($block->isColon() || $isShort) && $isNone) {
            $isOff =
                preg_match(
                    '/\b(?:quote|price|don\'?t print|not wanted|not needed|do not print|for later|not yet|rejects?|no thanks)\b/iu',
                    strtr($text, ['’' => "'"]),
                ) === 1;
            $this->muted = $isOff ? "This stands under “{$text}”." : null;
            $this->isMuteOpen = $isOff;
            if ($isOff) {
                foreach ($of as $sentence) {
                    $this->prose($sentence);
                }
            }

            return $isOff;
        }
        if ($this->muted !== null) {
            $this->isMuteOpen = false;
            foreach ($of as $sentence) {
                $this->quoted($sentence, $this->muted.' Nothing was taken of it.');
            }

            return true;
        }

        return false;
    }

    /** Whether a line heads those that follow: a size, a finish or a count without pictures, above pictures that lack it. */
    private function heads(int $at): bool
    {
        $of = $this->sentences[$at];
        if (count($of) !== 1 || count($of[0]->segments) > 1 || $of[0]->speech === Speech::Question) {
            return false;
        }
        $sentence = $of[0];
        $segment = $sentence->segments[0] ?? null;
        $wishes = $sentence->of(Kind::Wish);
        if ($segment === null && $wishes === []) {
            return false;
        }
        [$next, $isRuled] = $this->next($at);
        if ($next === null) {
            return false;
        }
        $isClear = $this->blocks[$at]->isColon() || $isRuled;
        $segment ??= new Segment();
        $nextSegment = $next->segments[0] ?? new Segment();
        $lacksSize = $nextSegment->pictures !== [] && ! $next->hasSize();
        $lacksPicture = ! $nextSegment->hasPictures() && $next->hasSize();
        $isOfAll = $segment->scope?->kind === Kind::All;
        if ($segment->pictures === [] && ($this->heading->pictures ?? []) !== [] && ! $this->isApart && ! $isClear) {
            return false;
        }
        $isSeries =
            $isClear &&
            $segment->size !== null &&
            $lacksSize &&
            array_filter($segment->pictures, fn (Item $of): bool => ! ($of->named->isSeveral ?? false)) === [];
        if ($segment->pictures !== [] && ! $isSeries) {
            $isUnderSize = $this->heading?->size !== null && ! $this->isApart;

            return $segment->size === null &&
                $segment->count === null &&
                $lacksPicture &&
                ($isClear || (! $isUnderSize && $this->isNext($at)));
        }

        return match (true) {
            $segment->size !== null => $nextSegment->pictures !== [] && ($lacksSize || $isClear) && ! ($isOfAll && ! $lacksSize),
            $segment->count !== null, $segment->scope !== null => $isClear && $nextSegment->pictures !== [],
            default => $isClear && $nextSegment->pictures !== [],
        };
    }

    /** Whether the next line that says something stands right below. */
    private function isNext(int $at): bool
    {
        return ($this->blocks[$at + 1] ?? null)?->kind === BlockKind::Words;
    }

    /** @return array{?Sentence, bool} the next sentence that speaks of prints, and whether a rule stands between */
    private function next(int $at): array
    {
        $isRuled = false;
        for ($i = $at + 1; $i < count($this->blocks); $i++) {
            $isRuled = $isRuled || ($this->blocks[$i]->kind === BlockKind::Ruled && $i === $at + 1);
            foreach ($this->sentences[$i] ?? [] as $sentence) {
                if ($sentence->segments !== []) {
                    return [$sentence, $isRuled];
                }
            }
        }

        return [null, $isRuled];
    }

    private function head(int $at): void
    {
        $sentence = $this->sentences[$at][0];
        $this->heading = $sentence->segments[0] ?? new Segment();
        $this->heading->scope?->kind === Kind::All && ($this->heading->scope = null);
        if ($this->heading->size !== null) {
            foreach ($this->heading->pictures as $picture) {
                $picture->why = null;
            }
            $this->heading->pictures = [];
        }
        if ($sentence->segments === []) {
            $this->heading->wishes = $sentence->of(Kind::Wish);
        }
        $this->isApart = false;
        $this->headedAt = $at;
        if ($sentence->speech === Speech::Changes || $this->heading->same !== null) {
            $this->heading->isStronger = $sentence->speech === Speech::Changes || $sentence->has(Kind::Instead);
            $this->unsettled ??= 'This seems to change something. Look at what it speaks of.';
            $sentence->first()?->doubt($this->unsettled);
        }
        foreach ($sentence->items as $i => $item) {
            $next = $sentence->items[$i + 1] ?? null;
            if ($item->kind === Kind::Not && $next !== null && $next->kind === Kind::Pictures) {
                $this->heading->pictures = array_values(array_filter($this->heading->pictures, fn (Item $of): bool => $of !== $next));
                $this->heading->excepted = $next->names();
                $this->unsettled ??= 'Something is left out here.';
            }
        }
        $this->left($sentence, $this->lines[$at]);
        $make = null;
        foreach ($this->heading->wishes ?? [] as $wish) {
            $make = is_string($wish->change['make'] ?? null) ? $wish->change['make'] : $make;
        }
        $this->headingMake = $make;
        if ($make !== null) {
            $this->readAgain($at);
        }
    }

    /** Under a heading that says what is made, its words mean what they mean of that. */
    private function readAgain(int $at): void
    {
        for ($i = $at + 1; $i < count($this->blocks) && isset($this->sentences[$i]); $i++) {
            $line = $this->lines[$i];
            $line->items = self::moved(
                $this->reader->items($this->blocks[$i]->words(), make: $this->headingMake),
                $this->blocks[$i]->start,
            );
            $this->sentences[$i] = Sentence::all($line->items, $line->text, $i);
        }
    }

    /**
     * @param  list<Item>  $items
     * @return list<Item>
     */
    public static function moved(array $items, int $by): array
    {
        return $by === 0 ? $items : array_map(fn (Item $item): Item => $item->placed($item->at + $by, $item->length), $items);
    }

    // ---------------------------------------------------------------- sentences

    private function sentence(Sentence $sentence, Block $block): void
    {
        $line = $this->lines[$sentence->line];
        $this->sums = [...$this->sums, ...$sentence->of(Kind::Sum)];
        if ($block->isColon() && $sentence->segments === [] && $sentence->of(Kind::Wish) === []) {
            // “For my wall:” begins something new.
            $this->heading = null;
            $this->prose($sentence);

            return;
        }
        // “* = two copies”, below the list: a note to something above
        $isNote = preg_match('/^\s*[*†‡]+\s*(?:=|means\b)/iu', $line->text) === 1;
        if ($isNote || preg_match('/\b(?:item|line|row|entry) #?\d+\b|^\W*of each\b/iu', $sentence->text) === 1) {
            $this->unsettled ??= 'Something of the list is spoken of again.';
            $this->lines[$sentence->line]->doubt('This speaks of something else of the list. Look at it.', $sentence->items[0]->at);
        }
        if ($sentence->segments === []) {
            match ($sentence->speech) {
                Speech::Question, Speech::Report => $this->quoted($sentence, 'This asks or tells something. It stays as a remark.'),
                Speech::TakesBack => $this->takeBack($sentence),
                default => $this->wishesAlone($sentence, $line),
            };

            return;
        }
        if ($this->isLabel($sentence, $block)) {
            $this->heading = null;
            $this->prose($sentence);
            foreach ($sentence->items as $item) {
                $item->kind === Kind::Remark || ($item->why = null);
            }

            return;
        }
        $this->items($sentence);
        if (preg_match('/^\s*no\s+\d{3,}/i', $sentence->text) === 1 && ! $sentence->hasSize()) {
            $sentence->speech = Speech::TakesBack;
        }
        switch ($sentence->speech) {
            case Speech::Question:
                $this->quoted($sentence, 'This asks something. It stays as a remark.', isAsked: true);

                return;
            case Speech::Report:
                if (
                    $sentence->hasPictures() &&
                    $sentence->hasSize() &&
                    preg_match('/\b(?:please|add|i want|i need|supply|send|print)\b/iu', $sentence->text) === 1
                ) {
                    $sentence->speech = Speech::Condition;
                    break;
                }
                $this->topic =
                    array_merge(...array_map(fn (Segment $one): array => $one->names(), $sentence->segments), ...[[]]) ?: $this->topic;
                $this->quoted($sentence, 'This tells of something, and orders nothing, it seems.');

                return;
            case Speech::TakesBack:
                $this->takeBack($sentence);

                return;
            case Speech::Changes:
                if (($this->drafts !== [] && $this->change($sentence)) || $this->renames($sentence)) {
                    return;
                }
                break;
            default:
        }
        if ($this->isProse($sentence)) {
            $counts = array_values(array_filter($sentence->of(Kind::Count), fn (Item $item): bool => ! $item->isBare));
            if ($counts !== [] && $this->drafts !== [] && $sentence->speech === Speech::Order) {
                $this->unsettled ??= 'So many of what?';
                $counts[0]->doubt('So many of what?');
                $this->prose($sentence, but: $counts[0]);

                return;
            }
            $sentence->has(Kind::Each) &&
                $this->drafts !== [] &&
                ($this->unsettled ??= 'How many of each?') &&
                $sentence->of(Kind::Each)[0]->doubt('How many of each?');
            $many = array_filter($sentence->of(Kind::All), fn (Item $all): bool => (int) $all->value > 0);
            if ($many !== [] && $this->drafts !== [] && ! $sentence->has(Kind::Unknown)) {
                current($many)->doubt('What of them?'); // “me: all four”
                $this->unsettled ??= 'What of them?';
            }
            $this->prose($sentence);
            $this->missed($sentence);

            return;
        }
        $made = $this->order($sentence);
        $isChange = $sentence->speech === Speech::Changes && ($this->drafts !== $made || self::endsOtherwise($sentence));
        if ($sentence->speech === Speech::Condition || $isChange) {
            $why =
                $sentence->speech === Speech::Condition
                    ? 'This is said on a condition. Is it wanted?'
                    : 'This seems to change something. Look at what it speaks of.';
            $sentence->first()?->doubt($why);
            foreach ($sentence->of(Kind::Wish) as $wish) {
                $wish->doubt($why);
            }
            foreach ($made as $draft) {
                $draft->isAsked = true;
            }
            $sentence->speech === Speech::Changes && ! $sentence->hasSize() && ($this->unsettled ??= $why);
        }
        $isOfOthers = count($this->drafts) > count($made) && $sentence->has(Kind::All) && $sentence->has(Kind::Wish);
        $doubts = array_filter($sentence->items, fn (Item $item): bool => $item->why !== null && $item->kind !== Kind::Remark);
        if ($isOfOthers && $doubts !== []) {
            $this->unsettled ??= 'Something is said of all of them that isn’t clear.';
        }
        $this->left($sentence, $line);
        $this->last = $made ?: $this->last;
    }

    /** “For the Harbour Row launch:”, where pictures with sizes follow, names none. */
    private function isLabel(Sentence $sentence, Block $block): bool
    {
        if (! $block->isColon() || $sentence->hasSize() || $sentence->has(Kind::Count, Kind::Not) || ! $sentence->has(Kind::Unknown)) {
            return false;
        }
        [$next] = $this->next($sentence->line);

        return $next !== null && $next->hasPictures() && $next->hasSize();
    }

    /** A bare number among words that aren't ours is no count. */
    private function isProse(Sentence $sentence): bool
    {
        $isLoose = ! $sentence->has(Kind::Size, Kind::Pictures, Kind::Rest, Kind::Wish, Kind::Same);
        $unknown = $sentence->of(Kind::Unknown);
        if (! $isLoose) {
            return false;
        }
        foreach ($sentence->segments as $segment) {
            if ($segment->count !== null && ! $segment->count->isBare && ($unknown === [] || $segment->isEach)) {
                return false;
            }
            if ($segment->scope?->kind === Kind::Place) {
                return $unknown !== [];
            }
        }

        return $unknown !== [] || ! $sentence->has(Kind::Count, Kind::Each);
    }

    private function prose(Sentence $sentence, ?Item $but = null): void
    {
        foreach ($sentence->items as $item) {
            if ($item !== $but && in_array($item->kind, [Kind::Unknown, Kind::Count, Kind::Not, Kind::Instead], true)) {
                $item->why = null;
            }
        }
    }

    /** A short line in a list under a size is a picture that isn't known by that name, and no talk. */
    private function missed(Sentence $sentence): void
    {
        $isListed = $this->heading?->size !== null && $this->heading->pictures === [] && ! $this->isApart;
        $unknown = $sentence->of(Kind::Unknown);
        if ($isListed && $unknown !== [] && $sentence->speech === Speech::Order && str_word_count($sentence->text) <= self::SHORT) {
            $unknown[0]->doubt('No picture is called so.', $this->reader->pictures->like(mb_strtolower($unknown[0]->words)));
        }
    }

    /** “And the blue one”: a picture is spoken of, and none is called so. */
    private function isUnnamed(Sentence $sentence): bool
    {
        $wishes = $sentence->of(Kind::Wish);
        $isOfLook = array_filter($wishes, fn (Item $of): bool => array_keys($of->change) !== [Says::STYLE]) === [];

        return $sentence->speech === Speech::Order &&
            $isOfLook &&
            ($sentence->has(Kind::Unknown) || $wishes !== []) &&
            preg_match(self::SOME_PICTURE, $sentence->text) === 1;
    }

    private function quoted(Sentence $sentence, string $why, bool $isAsked = false): void
    {
        $isOfPrints =
            $sentence->has(Kind::Size, Kind::Same) ||
            ($sentence->has(Kind::Pictures) && ($isAsked || $sentence->has(Kind::Count, Kind::Wish))) ||
            (str_contains($sentence->text, '?') &&
                ($sentence->has(Kind::Wish, Kind::Remark) ||
                    preg_match('/\b(?:can|could|would) you\b.*\b(?:it|them|this|that)\b/iu', $sentence->text) === 1));
        $this->prose($sentence);
        foreach ($sentence->items as $item) {
            $item->kind === Kind::Remark || ($item->why = null);
        }
        $isOfPrints && $sentence->first()?->doubt($why.' “'.trim(mb_strimwidth($sentence->text, 0, 160, '…')).'”');
    }

    /** Wishes by themselves: of all prints, or of those before them. */
    private function wishesAlone(Sentence $sentence, ReadLine $line): void
    {
        $wishes = $sentence->of(Kind::Wish);
        if ($this->isUnnamed($sentence)) {
            $this->prose($sentence);
            $line->doubt('Which picture is that?', $sentence->items[0]->at);

            return;
        }
        foreach ($sentence->of(Kind::Same) as $same) {
            $same->doubt('The same as what?');
            foreach ($this->last as $draft) {
                $draft->isAsked = true;
                $draft->remarks[] = $same->words;
            }
        }
        $isOfAll = $sentence->has(Kind::All, Kind::Each);
        if ($wishes === [] || ($sentence->speech === Speech::Question && ! $isOfAll)) {
            $remarks = $sentence->of(Kind::Remark);
            if ($remarks !== [] && $this->last !== []) {
                $isOfOne = count($this->last) > 1 && ! $isOfAll && $sentence->has(Kind::Unknown); // “Pat would like hers in b/w”
                $isOfOne && $line->doubt('Of which of them is that said?', $remarks[0]->at);
                foreach ($this->last as $draft) {
                    $draft->isAsked = $draft->isAsked || $isOfOne;
                    $draft->remarks = [...$draft->remarks, ...array_map(fn (Item $item): string => $item->words, $remarks)];
                }
            }
            foreach ($sentence->of(Kind::Not) as $not) {
                $not->why = null;
            }
            $this->prose($sentence);
            $this->missed($sentence);

            return;
        }
        $here = array_values(array_filter($this->drafts, fn (Draft $draft): bool => $draft->line === $sentence->line));
        $isFirst = $this->drafts === [];
        if ($isOfAll || $isFirst) {
            $this->general = [...$this->general, ...$wishes];
        } elseif ($here !== []) {
            self::give($here, $wishes);
        } elseif ($this->blocks[$sentence->line]->indent > 1 || count($this->drafts) === 1) {
            self::give($this->last, $wishes);
        } else {
            count($this->drafts) > 1 && $wishes[0]->doubt('Of which prints is that said? It was read as of all.');
            $this->general = [...$this->general, ...$wishes];
        }
        foreach ($wishes as $wish) {
            if (isset($wish->change[Says::GATHER])) {
                $this->sheets[] = [$this->drafts, $wish->change[Says::GATHER], $wish];
            }
        }
        $this->left($sentence, $line);
    }

    /**
     * @param  list<Draft>  $drafts
     * @param  list<Item>  $wishes
     */
    private static function give(array $drafts, array $wishes): void
    {
        foreach ($drafts as $draft) {
            $draft->wishes = [...$draft->wishes, ...$wishes];
        }
    }

    /** What was not understood beside prints: what only says why or for whom is kept as a remark, the rest is asked. */
    private function left(Sentence $sentence, ReadLine $line): void
    {
        $kept = Reasons::passed($sentence->items);
        foreach ($kept === [] ? [] : $this->drafts as $draft) {
            if ($draft->line === $sentence->line) {
                $draft->remarks = [...$draft->remarks, ...$kept];
            }
        }
    }

    // ---------------------------------------------------------------- orders

    /** @return list<Draft> what came of it */
    private function order(Sentence $sentence): array
    {
        $made = [];
        $this->exceptions($sentence);
        $this->askNumbers($sentence);
        $this->askBoth($sentence);
        $this->formerly($sentence);
        $this->becoming($sentence);
        $this->eithers($sentence);
        $this->doubled($sentence);
        $this->swapped($sentence);
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
            if (count($this->drafts) + count($made) > TooMuch::MOST_PRINTS) {
                $why = 'More than '.number_format(TooMuch::MOST_PRINTS).' prints come of this list; those of this line were not made.';
                $this->lines[$sentence->line]->doubt($why, $sentence->items[0]->at);
                break;
            }
            $made = [...$made, ...$this->segment($segment, $segments, $n, $sentence, $made)];
        }
        $this->askSizes($segments, $made, $sentence);
        $this->spreadEach($segments, $made, $sentence);
        $this->spreadBracket($made, $sentence);
        $this->spreadSets($made, $sentence);
        $this->askTwice($segments, $made, $sentence);
        $this->askUnfamiliar($made, $sentence);
        self::askHowMany($made ?: $this->drafts, $sentence);
        $this->gather($sentence, $made);

        return $made;
    }

    /**
     * “All in 6x4 but 8x10 of the harbour”, “3 prints of garden: 8x10, 5x7, 4x6”: several sizes that may be meant otherwise.
     *
     * @param  list<Segment>  $segments
     * @param  list<Draft>  $made
     */
    private function askSizes(array $segments, array $made, Sentence $sentence): void
    {
        $sizes = array_values(array_filter(array_map(fn (Segment $one): ?Item => $one->size, $segments)));
        if (count($sizes) < 2) {
            return;
        }
        if ($sentence->has(Kind::All) && preg_match('/\bbut\b(?! not)/iu', $sentence->text) === 1) {
            $sizes[count($sizes) - 1]->doubt('Besides, or instead?');
        }
        $count = $segments[0]->count;
        $pictures = array_unique(array_map(fn (Draft $of): ?string => $of->picture, $made));
        $isAlone = count(array_filter($made, fn (Draft $of): bool => $of->isCounted)) === 1 && count($pictures) === 1;
        $picture = $segments[0]->pictures[0] ?? null;
        $isBefore = $count !== null && $picture !== null && $count->at < $picture->at && $picture->at < $sizes[0]->at;
        if ($isBefore && $isAlone && $count->count === count($sizes)) {
            $count->doubt("{$count->count} of the first size, or one of each?");
        }
    }

    /**
     * “8x10 and 5x7, two each”: where it isn't of several pictures of its own, it is of each that was said before it.
     *
     * @param  list<Segment>  $segments
     * @param  list<Draft>  $made
     */
    private function spreadEach(array $segments, array $made, Sentence $sentence): void
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
    private function spreadBracket(array $made, Sentence $sentence): void
    {
        $open = null;
        foreach ($sentence->items as $i => $item) {
            $item->kind === Kind::Stop && trim($item->words) === '(' && ($open = $i);
            if ($open === null || $item->kind !== Kind::Stop || trim($item->words) !== ')') {
                continue;
            }
            [$before, $behind] = [$sentence->items[$open - 1] ?? null, $sentence->items[$i + 1] ?? null];
            $count = $before?->kind === Kind::Count ? $before : ($behind?->kind === Kind::Count ? $behind : null);
            [$from, $to, $open] = [$sentence->items[$open]->at, $item->at, null];
            $within = array_filter(
                $made,
                fn (Draft $draft): bool => array_filter($draft->from, fn (Item $of): bool => $of->at > $from && $of->at < $to) !== [],
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
    private function spreadSets(array $made, Sentence $sentence): void
    {
        foreach ($sentence->of(Kind::Count) as $count) {
            $behind = substr($sentence->text, $count->end() - $sentence->items[0]->at);
            $isOfAll = preg_match('/\b(?:sets?|copies|each)\b|x$/i', trim($count->words)) === 1;
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

    /**
     * “Cake 8x10 and rings 5x5, twice”: the last of them, or all?
     *
     * @param  list<Segment>  $segments
     * @param  list<Draft>  $made
     */
    private function askTwice(array $segments, array $made, Sentence $sentence): void
    {
        $last = count($segments) < 2 ? null : end($segments)->count;
        $isTwice = $last !== null && preg_match('/^(?:twice|thrice|(?:two|three|four|\d+) times)/iu', trim($last->words)) === 1;
        $isBehind = $isTwice && preg_match('/,\s*$/', substr($sentence->text, 0, $last->at - $sentence->items[0]->at)) === 1;
        if ($isBehind && count(array_filter($made, fn (Draft $draft): bool => $draft->isCounted)) === 1) {
            $last->doubt('The last of them, or all?');
        }
    }

    /** “No 2207, 2208 instead”: in the place of what? “Instead of the 2207 …” says it. */
    private static function endsOtherwise(Sentence $sentence): bool
    {
        $behind = array_values(array_filter($sentence->items, fn (Item $item): bool => $item->kind !== Kind::Passed));
        foreach ($behind as $i => $item) {
            if ($item->kind === Kind::Instead && ($behind[$i + 1] ?? null)?->kind !== Kind::Pictures) {
                return true;
            }
        }

        return false;
    }

    /** @param  list<Draft>  $made */
    private function askUnfamiliar(array $made, Sentence $sentence): void
    {
        // What isn't understood may yet turn out to be a reason, of which nothing is asked.
        $beside = [Kind::Remark, Kind::Unknown];
        $doubts = array_filter($sentence->items, fn (Item $item): bool => $item->why !== null && ! in_array($item->kind, $beside, true));
        $isAsked = $doubts !== [];
        if (($made === [] && ! $sentence->has(Kind::Rest)) || $isAsked || $sentence->speech !== Speech::Order) {
            return;
        }
        $words = array_values(array_filter($sentence->items, fn (Item $item): bool => $item->kind !== Kind::Passed));
        [$count, $colon] = [$words[0], $words[1] ?? null]; // “2: …”, “size 2: …”
        if ($count->kind === Kind::Count && ctype_digit($count->words) && $colon?->words === ':') {
            $count->doubt("Its number in a list, or {$count->count} prints?");
        }
        if (Familiar::is($sentence)) {
            return;
        }
        $of = $sentence->of(Kind::All, Kind::Each, Kind::Rest, Kind::Same, Kind::Not, Kind::Instead, Kind::Place, Kind::Sum);
        ($of[0] ?? $sentence->first())?->doubt('Is it read as it is meant? It could be said of something else.');
    }

    /**
     * “… and both at 20x16”: so many pictures or sizes have to be there.
     *
     * @param  list<Draft>  $made
     */
    private static function askHowMany(array $made, Sentence $sentence): void
    {
        $pictures = count(array_unique(array_filter(array_map(fn (Draft $of): ?string => $of->picture, $made))));
        $sizes = count(array_unique(array_map(fn (Draft $of): string => (string) $of->size, $made)));
        foreach ($sentence->items as $i => $item) {
            $isMany = $item->kind === Kind::All && is_int($item->value) && $item->value > 0;
            $next = $sentence->items[$i + 1] ?? null;
            $isOfWhom = $next !== null && $next->kind === Kind::Unknown; // “for both mums”
            if (! $isMany || $isOfWhom || $item->why !== null || in_array($item->value, [$pictures, $sizes, count($made)], true)) {
                continue;
            }
            $item->doubt("{$item->value} are spoken of, and there are {$pictures}: which?");
        }
    }

    /**
     * @param  list<Segment>  $segments
     * @param  list<Draft>  $before  what came of the sentence so far
     * @return list<Draft>
     */
    private function segment(Segment $segment, array $segments, int $n, Sentence $sentence, array $before): array
    {
        $this->counted($segment, $sentence);
        $scope = $segment->scope;
        if ($segment->pictures === [] && $scope?->kind === Kind::Rest) {
            $this->rest[] = [$segment, $sentence];

            return [];
        }
        if ($segment->pictures === [] && $scope?->kind === Kind::All) {
            return $this->headsTheRest($segment, $segments, $n, $sentence) ? [] : $this->all($segment, $sentence);
        }
        $names = $this->others($segment, $sentence);
        $from = $segment->pictures;
        if ($segment->same?->value === 'line' && $segment->size !== null && $from !== [] && $segment->size->at < $from[0]->at) {
            $segment->same->doubt('The same as what? Say its sizes.'); // “… 8x10 and 5x7; lena-02 likewise”
        }
        if ($names === [] && $scope?->kind === Kind::Same) {
            $of = $before !== [] ? $before : $this->last;
            $names = array_values(array_unique(array_filter(array_map(fn (Draft $draft): ?string => $draft->picture, $of))));
            $names === [] && $scope->doubt('The same as which picture?');
        }
        if ($names === [] && $scope?->kind === Kind::Place) {
            $many = (int) $scope->value;
            $spoken = array_values(array_unique(array_filter(array_map(fn (Draft $draft): ?string => $draft->picture, $this->drafts))));
            $of = $spoken === [] ? $this->reader->pictures->all() : $spoken;
            $names = $many > 0 ? array_slice($of, 0, $many) : array_slice($of, $many);
            if ($spoken !== [] && $spoken !== $this->reader->pictures->all()) {
                $scope->doubt('Of these, or of all pictures of the order?');
                $segment->size === null && ($this->unsettled ??= 'Which of them are spoken of?');
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
                $this->heading === null &&
                $this->waiting() === [] &&
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
            } elseif ($before === [] && $segment->size !== null && $this->waiting() !== [] && ! $segment->isAlso) {
                return $this->fillAbove($segment, $sentence);
            } elseif ($this->heading !== null && $this->heading->pictures !== []) {
                [$names, $from] = [$this->heading->names(), $this->heading->pictures];
            } elseif ($this->topic !== []) {
                $names = $this->topic;
                ($segment->size ?? ($segment->same ?? $segment->count))?->doubt('Of what was spoken of before?');
            } else {
                $all = $this->reader->pictures->all();
                $names = $this->chosen ?: (count($all) === 1 ? $all : []);
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
        $names = array_values(array_diff($names, $segment->excepted, $this->heading->excepted ?? [], $this->never));
        $names === [] &&
            $segment->pictures === [] &&
            ($segment->size ?? ($segment->same ?? $segment->count))?->doubt(
                $this->reader->pictures->all() === [] ? 'There are no pictures in this order yet.' : self::WHICH,
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
        $this->known($made);
        $this->add(...$made);

        return $made;
    }

    /**
     * A size below pictures that stand one below the other: “0401”, “0402”, “8x10 each”.
     *
     * @return list<Draft>
     */
    private function fillAbove(Segment $segment, Sentence $sentence): array
    {
        $filled = $this->fill($segment, $this->waiting());
        $pictures = $this->heading->pictures ?? [];
        if ($pictures === []) {
            return $filled;
        }
        $segment->isEach || $segment->size?->doubt('Of all the pictures above it, or of the last?');
        $made = array_map(fn (string $name): Draft => $this->draft($segment, $name, $pictures, $sentence), $this->heading?->names() ?? []);
        $this->add(...$made);

        return [...$filled, ...$made];
    }

    /**
     * “All 8x10: cake, rings”: all of those behind the colon, which get its size.
     *
     * @param  list<Segment>  $segments
     */
    private function headsTheRest(Segment $segment, array $segments, int $n, Sentence $sentence): bool
    {
        $end = max(array_map(fn (Item $item): int => $item->end(), $segment->items()));
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
    private function others(Segment $segment, Sentence $sentence): array
    {
        $names = $segment->names();
        $first = $segment->pictures[0] ?? null;
        $before = $first === null ? '' : substr($sentence->text, 0, max(0, $first->at - $sentence->items[0]->at));
        if (count($names) < 2 || preg_match('/\b(?:other|remaining|rest of(?: the)?)\s+$/iu', $before) !== 1) {
            return $names;
        }
        $spoken = array_map(fn (Draft $draft): ?string => $draft->picture, $this->drafts);

        return array_values(array_diff($names, $spoken)) ?: $names;
    }

    /**
     * “Size: 8x10”, “Picture: garden”: the picture of the print that stands before.
     *
     * @param  list<string>  $names
     */
    private function namesTheLast(Segment $segment, array $names): bool
    {
        $last = $this->drafts === [] ? null : $this->drafts[count($this->drafts) - 1];
        $isName = $segment->size === null && $segment->count === null && $segment->same === null && count($names) === 1;
        if (! $isName || $last === null || $last->picture !== null || $last->size === null || $this->isApart) {
            return false;
        }
        if ($this->over($segment)?->size !== null) {
            return false; // it has the size that it stands below
        }
        $last->picture = $names[0];
        $last->from = [...$last->from, ...$segment->pictures];
        foreach ($last->from as $item) {
            $item->why === self::WHICH && ($item->why = null);
        }
        $this->last = [$last];

        return true;
    }

    /**
     * “Two of 0005”, where 0005 was ordered in one size before: it is that print.
     *
     * @param  list<string>  $names
     */
    private function recounted(Segment $segment, Sentence $sentence, array $names): bool
    {
        if (
            $names === [] ||
            $segment->count === null ||
            $segment->count->isBare ||
            $segment->size !== null ||
            $segment->same !== null ||
            $this->over($segment)?->size !== null ||
            $this->sizeNear($segment, $sentence) !== null
        ) {
            return false;
        }
        $there = array_values(
            array_filter(
                $this->drafts,
                fn (Draft $draft): bool => in_array($draft->picture, $names, true) &&
                    $draft->size !== null &&
                    $draft->line !== $sentence->line,
            ),
        );
        if (count($there) !== count($names)) {
            return false;
        }
        $isMore = preg_match(self::MORE, $segment->count->words) === 1;
        foreach ($there as $draft) {
            $draft->copies = (int) $segment->count->count + ($isMore ? $draft->copies : 0);
            $draft->isAsked = true;
        }
        $segment->count->doubt('It was read as of the print of it that stands before.');

        return true;
    }

    private function add(Draft ...$made): void
    {
        array_push($this->drafts, ...$made);
        $this->isWaiting = $this->isWaiting || array_filter($made, fn (Draft $draft): bool => $draft->size === null) !== [];
    }

    /**
     * What waits for a size is the same print, where its picture gets one later on.
     *
     * @param  list<Draft>  $made
     */
    private function known(array $made): void
    {
        if (! $this->isWaiting) {
            return;
        }
        $sized = array_map(fn (Draft $draft): ?string => $draft->size === null ? null : $draft->picture, $made);
        $this->drafts = array_values(
            array_filter(
                $this->drafts,
                fn (Draft $draft): bool => $draft->size !== null || $draft->picture === null || ! in_array($draft->picture, $sized, true),
            ),
        );
    }

    /**
     * Pictures that are only spoken of: “… are for the actor playing the Fool”, “the last three (18, 19, 20)”.
     *
     * @param  list<Segment>  $segments
     * @param  list<string>  $names
     * @param  list<Draft>  $before
     */
    private function isBeside(Segment $segment, array $segments, int $n, Sentence $sentence, array $names, array $before): bool
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
        $end = max(array_map(fn (Item $item): int => $item->end(), $neighbour->items()));
        $between = array_filter($sentence->items, fn (Item $item): bool => $item->at >= $end && $item->at < $segment->pictures[0]->at);
        $said = array_values(array_filter($between, fn (Item $item): bool => $item->kind !== Kind::Passed));
        $last = $said === [] ? null : end($said);
        $isJoined =
            $last !== null &&
            in_array($last->kind, [Kind::Stop, Kind::And, Kind::Also], true) &&
            array_filter(
                $between,
                fn (Item $item): bool => $item->at > $last->at && preg_match('/^(?:for|to|from)$/i', $item->words) === 1,
            ) === [];
        $isFor =
            array_filter(
                $between,
                fn (Item $item): bool => $item->kind === Kind::Unknown ||
                    preg_match('/^(?:for|playing|because|to|from)$/i', $item->words) === 1,
            ) !== [];

        return $neighbour->size !== null && $isFor && ! $isJoined;
    }

    /** @param  list<Item>  $from  what its picture came of */
    private function draft(Segment $segment, ?string $name, array $from, Sentence $sentence): Draft
    {
        $draft = new Draft($sentence->line);
        $draft->picture = $name;
        $heading = $this->over($segment);
        $near =
            $segment->size === null && $segment->same === null && $heading?->size === null ? $this->sizeNear($segment, $sentence) : null;
        $draft->from = array_values(array_filter([...$from, $segment->scope, $segment->size ?? $near, $segment->count]));
        $draft->wishes = [...$heading->wishes ?? [], ...$segment->wishes];
        if ($near !== null && $segment->wishes === []) {
            foreach ($sentence->segments as $one) {
                $one->size === $near && ($draft->wishes = [...$draft->wishes, ...$one->wishes]);
            }
        }
        $draft->remarks = array_map(fn (Item $item): string => $item->words, [...$heading->remarks ?? [], ...$segment->remarks]);
        $like = $segment->same === null ? null : $this->like($segment, $sentence);
        if ($segment->size !== null || $near !== null) {
            $draft->size = ($segment->size ?? $near)?->size;
        } elseif ($like !== null) {
            $draft->size = $like->size;
        } elseif ($heading?->size !== null) {
            $draft->size = $heading->size->size;
            $draft->from[] = $heading->size;
        }
        $isScope = $segment->scope?->kind === Kind::Same && $segment->scope->value === 'line';
        $of = $isScope ? $this->like($segment, $sentence) : $like;
        if ($of !== null && ($isScope || $segment->same?->value === 'line')) {
            $isPrint = preg_match('/\bprints?\b/i', $segment->count->words ?? '') === 1; // “… plus 4 prints 5x7 of the same”
            // “ditto”, “ditto but 5x7”, “the same but lustre”
            $isSaidOtherwise = fn (Item $its): bool => array_filter(
                $segment->wishes,
                fn (Item $own): bool => Contrast::isOfOneKind($own, $its),
            ) !== [];
            $isLike = fn (Item $its): bool => ! $isSaidOtherwise($its) && ! ($isPrint && isset($its->change['make']));
            $draft->wishes = [...array_filter($of->wishes, $isLike), ...$segment->wishes];
        }
        foreach ($draft->wishes as $i => $wish) {
            if ($wish->kind === Kind::Same) {
                $papers = [];
                foreach ($this->drafts as $before) {
                    $of = array_filter($before->wishes, fn (Item $one): bool => isset($one->change['paper']));
                    $of === [] || ($papers = array_values($of));
                }
                $draft->wishes = array_values(array_filter($draft->wishes, fn (Item $one): bool => $one !== $wish));
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
    private function sizeNear(Segment $segment, Sentence $sentence): ?Item
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

    /** What the heading says of it: nothing, where it has a size of its own and the heading is of another. */
    private function over(Segment $segment): ?Segment
    {
        if ($this->heading === null) {
            return null;
        }
        $isOther = $segment->size !== null && $this->heading->size !== null;

        return $isOther || ($this->isApart && $segment->size !== null && $segment->pictures !== []) ? null : $this->heading;
    }

    /** The print that “the same” speaks of. */
    private function like(Segment $segment, Sentence $sentence): ?Draft
    {
        $drafts = array_values(array_filter($this->drafts, fn (Draft $draft): bool => $draft->size !== null));
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

    /** “Number 6”, “item 2 again”: of a numbered list, what stands there. */
    private function items(Sentence $sentence): void
    {
        foreach ($sentence->segments as $segment) {
            foreach ($segment->pictures as $i => $picture) {
                if (preg_match('/^(?:number|item|no\.?)\s*(\d{1,2})$/iu', trim($picture->words), $m) !== 1) {
                    continue;
                }
                foreach ($this->blocks as $at => $block) {
                    $names =
                        $block->item === (int) $m[1] && $at < $sentence->line
                            ? array_merge(
                                ...array_map(
                                    fn (Sentence $one): array => array_merge(
                                        ...array_map(fn (Segment $of): array => $of->names(), $one->segments),
                                        ...[[]],
                                    ),
                                    $this->sentences[$at] ?? [],
                                ),
                                ...[[]],
                            )
                            : [];
                    if ($names !== []) {
                        $picture->why = null;
                        $segment->pictures[$i] = new Item(...['named' => new Named($names)] + get_object_vars($picture));
                        break;
                    }
                }
            }
        }
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

    /** “Both” is two and “all three” three; so many of one picture each, or in all? */
    private function counted(Segment $segment, Sentence $sentence): void
    {
        $many = count($segment->names());
        foreach ($sentence->of(Kind::All) as $all) {
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
        $this->askOneOf($segment, $sentence);
        $count = $segment->count;
        if ($count === null) {
            return;
        }
        if (preg_match('/^\s*(?:\p{L}+\s+)?different\b/iu', substr($sentence->text, $count->end() - $sentence->items[0]->at)) === 1) {
            $count->doubt('So many of each, or so many different ones?');
        }
        if (($count->isEach || $segment->isEach) && preg_match(self::FOR_MANY, $sentence->text) === 1) {
            $count->doubt('So many in all, or for each of them?');
        }
        if ($count->count === 0) {
            $count->doubt('None of it? A line of 0 prints can’t be made.');
        }
        $isOfAll =
            $segment->isEach ||
            array_filter($sentence->of(Kind::All), fn (Item $all): bool => $all->value === $many || $all->value === 0) !== [];
        // Which of them is asked first.
        $isAsked = array_filter($segment->pictures, fn (Item $item): bool => $item->why !== null) !== [];
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
                    $sentence->of(Kind::All),
                    fn (Item $item): bool => $item->value === 0 || $item->value === count($picture->names()),
                );
                $all === [] || ($picture->why = null);
            }
        }
    }

    /** “One of the harbours”: of several pictures that a word names, only one is wanted. */
    private function askOneOf(Segment $segment, Sentence $sentence): void
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

    /** @return list<Draft> prints that wait for a size */
    private function waiting(): array
    {
        return array_values(array_filter($this->drafts, fn (Draft $draft): bool => $draft->size === null && $draft->picture !== null));
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
     * A number of prints by itself.
     *
     * @param  list<Draft>  $before
     * @return list<Draft>
     */
    private function count(Segment $segment, Sentence $sentence, array $before): array
    {
        if (
            $segment->count !== null &&
            ($this->isNegated($segment->count, $sentence) || ($before === [] && count($sentence->segments) > 1))
        ) {
            $segment->count->doubt('How many of what is that?');
            $this->unsettled ??= 'How many of what is that?';

            return [];
        }
        if ($before === [] && preg_match(self::SOME_OF_THEM, $sentence->text) === 1 && count($this->drafts) > 1) {
            $segment->count?->doubt('Of which of them?');
            $this->unsettled ??= 'Of which of them?';

            return [];
        }
        $of =
            $before !== []
                ? $before
                : ($segment->isEach
                    ? array_values(array_filter($this->drafts, fn (Draft $draft): bool => ! $draft->isCounted))
                    : $this->last);
        if ($of === [] && $this->drafts === []) {
            $segment->count?->doubt('Of which picture, and in which size?');

            return [];
        }
        $segment->size = null;
        $uncounted = array_filter($this->drafts, fn (Draft $draft): bool => ! $draft->isCounted);
        if ($before === [] && ! $segment->isEach && $segment->scope === null && count($uncounted) > 1 && count($of) < count($uncounted)) {
            $segment->count?->doubt('Of the last, or of each?', [new Offer('of each', "{$segment->count->count} of each")]);
            $this->unsettled ??= 'Of the last, or of each?';
        }
        $isOfThem = preg_match('/\bof (?:them|these|those)\b/iu', $segment->count->words ?? '') === 1;
        $isOfThem && $sentence->has(Kind::Remark) && $segment->count?->doubt('So many in all, or how many of them are to be so?');
        $this->againstCount($segment, $of);
        foreach ($of as $draft) {
            $draft->copies = (int) $segment->count?->count;
            $draft->isCounted = true;
            $segment->count === null || ($draft->from[] = $segment->count);
            $draft->wishes = [...$draft->wishes, ...$segment->wishes];
        }

        return $before !== [] ? [] : $of;
    }

    /**
     * “x3 … x2”, “one for me and one for mum”: another number of the same prints is the right one, or comes besides.
     *
     * @param  list<Draft>  $of
     */
    private function againstCount(Segment $segment, array $of): void
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

    /** @param  list<Item>  $wishes */
    private static function haveSize(array $wishes): bool
    {
        return array_filter($wishes, fn (Item $wish): bool => array_intersect_key($wish->change, array_flip(self::SIZED)) !== []) !== [];
    }

    /** @return list<Draft> */
    private function all(Segment $segment, Sentence $sentence): array
    {
        $waiting = $this->waiting();
        $value = (int) ($segment->scope->value ?? 0);
        $hasSized = array_filter($this->drafts, fn (Draft $draft): bool => $draft->size !== null) !== [];
        $isOfWaiting = ! $hasSized || $value === count($waiting) || $segment->scope?->words === 'all';
        if ($segment->size !== null && $waiting !== [] && $isOfWaiting) {
            $value > 0 &&
                $value !== count($waiting) &&
                $segment->scope?->doubt("{$value} are spoken of, and ".count($waiting).' wait for a size.');

            return $this->fill($segment, $waiting);
        }
        if ($segment->size === null && $segment->same === null && ! ($this->drafts === [] && self::haveSize($segment->wishes))) {
            foreach ($this->drafts as $draft) {
                if ($segment->count !== null && ! $draft->isCounted) {
                    $draft->copies = (int) $segment->count->count;
                    $draft->from[] = $segment->count;
                }
            }
            $this->general = [...$this->general, ...$segment->wishes];
            if ($this->drafts === [] && $segment->wishes === []) {
                $segment->scope?->doubt('In which size?');
                $segment->size ??= null;
                foreach (array_diff($this->reader->pictures->all(), $this->struck) as $name) {
                    $this->add($this->draft($segment, $name, [], $sentence));
                }
            }

            return [];
        }
        $names = array_values(array_diff($this->reader->pictures->all(), $segment->excepted));
        $names === [] && $segment->scope?->doubt('There are no pictures in this order yet.');
        if ($value > 0 && $value !== count($names)) {
            $segment->scope?->doubt("{$value} are spoken of, and there are ".count($names).' pictures.');
        }
        $spoken = array_filter(array_map(fn (Draft $draft): ?string => $draft->picture, $this->drafts));
        if ($spoken !== [] && array_diff($names, $spoken) !== []) {
            // “… and all of the above in 5x7”, “… and two 4x6 of each”
            ($segment->scope ?? ($segment->count ?? $segment->size))?->doubt('All pictures of the order, or those that were spoken of?');
            $names = $segment->scope === null ? array_values(array_unique($spoken)) : $names;
        }
        if (array_intersect($names, $this->struck) !== []) {
            $segment->scope?->doubt('Are those that were taken back left out here, too?');
            $names = array_values(array_diff($names, $this->struck));
        }
        $made = [];
        foreach ($names as $name) {
            $made[] = $this->draft($segment, $name, [], $sentence);
        }
        $this->add(...$made);

        return $made;
    }

    /** “Was 60 × 90 cm, now 50 × 75 cm”: only what is now is ordered. */
    private function formerly(Sentence $sentence): void
    {
        $sizes = $sentence->of(Kind::Size);
        foreach ($sentence->items as $i => $item) {
            $before = $sentence->items[$i - 1] ?? null;
            $isFormer =
                $item->kind === Kind::Size && $before !== null && preg_match('/\b(?:was|were|used to be)$/iu', $before->words) === 1;
            if ($isFormer && count($sizes) > 1) {
                foreach ($sentence->segments as $segment) {
                    $segment->size === $item && ($segment->size = null);
                }
                $item->pass();
                $sentence->dropEmpty();
                if (
                    count($sentence->segments) === 2 &&
                    $sentence->segments[0]->pictures !== [] &&
                    $sentence->segments[0]->size === null &&
                    $sentence->segments[1]->pictures === []
                ) {
                    $sentence->segments[1]->pictures = $sentence->segments[0]->pictures;
                    array_shift($sentence->segments);
                }
            }
        }
    }

    /** “One canvas and one print of the cake, 16x20”: two pieces of one size are two lines. */
    private function askBoth(Sentence $sentence): void
    {
        $and = '\W+(?:and|plus|&|\+)\W+(?:\w+\W+){0,2}';
        $both = "/\bcanvas{$and}(?:prints?|paper|matte?|lustre|gloss\w*)\b|\bprints?{$and}canvas\b|\bcanvas\s*[+&]\s*(?:a\s+)?print\b/iu";
        $isBoth = preg_match($both, $sentence->text) === 1;
        foreach ($isBoth && count($sentence->of(Kind::Size)) === 1 ? $sentence->of(Kind::Wish) : [] as $wish) {
            isset($wish->change['make']) && $wish->doubt('A canvas, and a print as well? Say each with its size.');
        }
    }

    /** “Ceremony 1 - 8x10, 2 - 5x7”: two of the first, or ceremony 2? */
    private function askNumbers(Sentence $sentence): void
    {
        $letters = fn (string $name): string => (string) preg_replace('/[\d\W_]+/u', '', pathinfo($name, PATHINFO_FILENAME));
        $last = null;
        foreach ($sentence->items as $i => $item) {
            $last = $item->kind === Kind::Pictures && preg_match('/\p{L}.*\d$/u', $item->words) === 1 ? $item : $last;
            $isBeforeSize =
                ($sentence->items[$i + 1] ?? null)?->kind === Kind::Stop &&
                in_array($sentence->items[$i + 1]->words, ['-', '–', '—', ':', '='], true) &&
                ($sentence->items[$i + 2] ?? null)?->kind === Kind::Size;
            if ($item->kind !== Kind::Count || ! ctype_digit($item->words) || ! $isBeforeSize || $last === null || $last->names() === []) {
                continue;
            }
            $family = $letters($last->names()[0]);
            $meant = array_values(
                array_filter($this->reader->pictures->numbered((int) $item->words), fn (string $name): bool => $letters($name) === $family),
            );
            $meant === [] || $item->doubt("{$item->count} prints, or {$meant[0]}?", [new Offer($meant[0], $meant[0])]);
        }
    }

    /** “8x10 -> 11x14”, “change the 8x10 to an 11x14”: the size that it had, and the one that it is to have; or are both wanted? */
    private function becoming(Sentence $sentence): void
    {
        $sizes = $sentence->of(Kind::Size);
        foreach (array_slice($sizes, 1) as $n => $now) {
            $from = $sizes[$n]->end() - $sentence->items[0]->at;
            $between = substr($sentence->text, $from, $now->at - $sentence->items[0]->at - $from);
            $isTo = preg_match('/\b(?:change|swap|turn|upgrade|upsize|exchange|make)\b/iu', $sentence->text) === 1;
            if (
                preg_match('/^[^,;.]*(?:->|=>|→|➜)/u', $between) === 1 ||
                ($isTo && preg_match('/^[^,;.]*\b(?:in)?to\b/iu', $between) === 1)
            ) {
                $now->doubt("Instead of {$sizes[$n]->words}, or both?", [new Offer("{$now->words} only", $now->words)]);
            }
        }
    }

    /** “8x10 or 11x14”: one of the two, and somebody has to say which. The first stands until then. */
    private function eithers(Sentence $sentence): void
    {
        foreach ($sentence->of(Kind::Or) as $or) {
            $parts = $sentence->of(Kind::Size, Kind::Pictures, Kind::Count);
            $before = array_values(array_filter($parts, fn (Item $item): bool => $item->end() <= $or->at));
            $after = array_values(array_filter($parts, fn (Item $item): bool => $item->at >= $or->end()));
            if ($before === [] || $after === []) {
                continue;
            }
            [$one, $other] = [$before[count($before) - 1], $after[0]];
            $why = "“{$one->words}” or “{$other->words}”: which of the two?";
            $one->doubt($why);
            $last = null;
            foreach ($sentence->segments as $segment) {
                if ($last !== null && min(array_map(fn (Item $item): int => $item->at, $segment->items())) >= $or->at) {
                    $last->pictures = $last->pictures ?: $segment->pictures;
                    $sentence->segments = array_values(array_filter($sentence->segments, fn (Segment $of): bool => $of !== $segment));
                    break;
                }
                if (in_array($other, $segment->pictures, true)) {
                    $segment->pictures = array_values(array_filter($segment->pictures, fn (Item $of): bool => $of !== $other));
                }
                $last = $segment;
            }
        }
    }

    /** “16x20 with an 8x10 …”: a second size of the same picture that nothing adds is hardly another print. */
    private function doubled(Sentence $sentence): void
    {
        foreach ($sentence->segments as $n => $segment) {
            $last = $sentence->segments[$n - 1] ?? null;
            if (
                $last?->size === null ||
                $segment->size === null ||
                $segment->pictures !== [] ||
                $segment->count !== null ||
                $segment->scope !== null ||
                $segment->isEach
            ) {
                continue;
            }
            $between = array_filter(
                $sentence->items,
                fn (Item $item): bool => $item->at >= $last->size->end() && $item->at < $segment->size->at,
            );
            $kinds = array_map(fn (Item $item): Kind => $item->kind, $between);
            $isAdded = array_filter($kinds, fn (Kind $kind): bool => ! in_array($kind, [Kind::Passed, Kind::Unknown], true)) !== [];
            $hasWords = array_filter($between, fn (Item $item): bool => preg_match('/\pL/u', $item->words) === 1) !== [];
            if (! $isAdded && ($hasWords || $segment->size->size?->sameAs($last->size->size ?? $segment->size->size))) {
                $segment->size->doubt('Another print of it, or the size of something else?');
            }
        }
    }

    /** “Swap 04 for 14”, where nothing of 04 was ordered here: 14 is wanted. */
    private function swapped(Sentence $sentence): void
    {
        if (preg_match('/\b(?:swap|change|exchange|replace)\b/i', $sentence->text) !== 1) {
            return;
        }
        $named = array_values(array_filter($sentence->segments, fn (Segment $segment): bool => $segment->pictures !== []));
        if (count($named) === 2 && $named[0]->size !== null) {
            $why = 'In the place of another. Is it in this order?';
            $named[1]->pictures[0]->doubt($why);
            $this->unsettled ??= $why;

            return;
        }
        foreach ($sentence->segments as $segment) {
            if (count($segment->pictures) === 2) {
                $segment->pictures = [$segment->pictures[1]];
                $segment->pictures[0]->doubt('In the place of another. Is it in this order?');
            }
        }
    }

    /**
     * Whether pictures are ordered by themselves before a place of the sentence.
     *
     * @param  list<string>  $names
     */
    private function isOrderedBefore(Sentence $sentence, array $names, int $at): bool
    {
        $ordered = [];
        foreach ($sentence->segments as $segment) {
            foreach ($segment->size === null ? [] : $segment->pictures as $picture) {
                $isByItself = $picture->at < $at && count($picture->names()) === 1;
                $isByItself && ($ordered[] = $picture->names()[0]);
            }
        }

        return $sentence->has(Kind::All, Kind::Wish) && array_intersect($ordered, $names) !== [];
    }

    /** “Everything matte except the 8x10s”: no size of all, but prints that something isn't said of. */
    private function areLeftOut(Sentence $sentence, Item $size, Item $not): bool
    {
        foreach ($sentence->segments as $segment) {
            if ($segment->size === $size && $segment->scope?->kind === Kind::All && $segment->scope->at < $not->at) {
                $why = 'Are those left out, or only not to be so?';
                $segment->size = null;
                $not->doubt($why);
                $this->unsettled ??= $why;

                return true;
            }
        }

        return false;
    }

    /** “But not 0406”: pictures behind a not are left out of what stands before it. */
    private function exceptions(Sentence $sentence): void
    {
        $isBegun = $sentence->segments !== [];
        foreach ($sentence->items as $i => $item) {
            if ($item->kind !== Kind::Not && $item->kind !== Kind::Instead) {
                continue;
            }
            $next = null;
            foreach (array_slice($sentence->items, $i + 1) as $of) {
                if (! in_array($of->kind, [Kind::Passed, Kind::Each], true)) {
                    $next = $of;
                    break;
                }
            }
            $isSign = preg_match('/^[^\p{L}]+$/u', $item->words) === 1;
            if ($isSign && $next === null) {
                // “oars 5x7 ✗”
                foreach ($sentence->segments as $segment) {
                    $this->struck = [
                        ...$this->struck,
                        ...array_merge(...array_map(fn (Item $of): array => $of->names(), $segment->pictures)),
                    ];
                }
                $sentence->segments = [];
                $sentence->isStruck = true;

                continue;
            }
            if ($next === null || in_array($next->kind, [Kind::End, Kind::Stop], true)) {
                // “…, but the 0406 not”
                $before = array_values(
                    array_filter(array_slice($sentence->items, 0, $i), fn (Item $of): bool => $of->kind !== Kind::Passed),
                );
                $last = end($before);
                $isAfterStop = ($before[count($before) - 2] ?? null)?->kind === Kind::Stop;
                $isOneOfSeveral = $isAfterStop || count($sentence->of(Kind::Pictures)) > 1;
                $next = $last !== false && $last->kind === Kind::Pictures && $isOneOfSeveral ? $last : $next;
            }
            foreach ($sentence->segments as $segment) {
                if ($next === null || ! in_array($next, $segment->pictures, true)) {
                    continue;
                }
                // “X out, Y in” leaves out X alone, “all but X, Y” both.
                $until = $next->at < $item->at ? $item->at : PHP_INT_MAX;
                $isStruck = fn (Item $of): bool => $of->at >= $next->at && $of->at < $until;
                $behind = array_values(array_filter($segment->pictures, $isStruck));
                $names = array_merge(...array_map(fn (Item $of): array => $of->names(), $behind));
                if ($this->isOrderedBefore($sentence, $names, $item->at)) {
                    // “… all lustre apart from the oars”: that isn't to be so, and is it to be at all?
                    $segment->pictures = array_values(array_filter($segment->pictures, fn (Item $of): bool => ! $isStruck($of)));
                    $why = 'Is it left out, or only not to be so?';
                    $item->doubt($why);
                    $this->unsettled ??= $why;

                    continue;
                }
                $segment->pictures = array_values(array_filter($segment->pictures, fn (Item $of): bool => ! $isStruck($of)));
                if ($item->kind === Kind::Instead && $segment->pictures === [] && ($segment->size->at ?? 0) > $next->at) {
                    $segment->size = null; // “instead of the cake 8x10, …”
                }
                $this->struck = [...$this->struck, ...$names];
                $this->drafts === [] && count($sentence->segments) < 2 && ($this->never = [...$this->never, ...$names]);
                foreach ($sentence->segments as $other) {
                    $other->excepted = [...$other->excepted, ...$names];
                }
                $next->why = null;
            }
            if ($next?->kind === Kind::Size && ! $isSign && $this->areLeftOut($sentence, $next, $item)) {
                continue;
            }
            if ($next?->kind === Kind::Size) {
                foreach ($sentence->segments as $n => $segment) {
                    if ($segment->size === $next && (count($sentence->segments) > 1 || $isSign)) {
                        $segment->size = null;
                        $other = $sentence->segments[$n + 1] ?? null;
                        if ($other !== null && $other->pictures === [] && $other->scope === null) {
                            $other->pictures = $segment->pictures;
                            $segment->pictures = [];
                        }
                        $isSign || $next->doubt('Is it not to be that size?');
                        $isSign || ($this->unsettled ??= 'Something is not to be that size.');
                        $sentence->isStruck = $sentence->isStruck || $isSign;
                    }
                }
            }
            $sentence->dropEmpty();
        }
        $isBegun && $sentence->segments === [] && ! $sentence->isStruck && ($this->unsettled ??= 'Something is left out here.');
    }

    /**
     * Prints of a sentence that share sheets.
     *
     * @param  list<Draft>  $made
     */
    private function gather(Sentence $sentence, array $made): void
    {
        foreach ($sentence->segments as $segment) {
            $count = $segment->count;
            foreach ($count?->value === 'sheet' ? $made : [] as $draft) {
                in_array($count, $draft->from, true) && ($this->sheets[] = [[$draft], ['many' => 0], $count]);
            }
        }
        foreach ($sentence->of(Kind::Wish) as $wish) {
            if (isset($wish->change[Says::GATHER])) {
                $this->sheets[] = [$this->onSheet($wish, $sentence, $made), $wish->change[Says::GATHER], $wish];
            } elseif (isset($wish->change[Says::ON_SHEET])) {
                $sheet = Size::parse((string) $wish->change[Says::ON_SHEET], $this->reader->known->unit);
                $areas = array_map(fn (Draft $of): float => $of->copies * ($of->size?->areaSquareInches() ?? 1e9), $made);
                $area = array_sum($areas);
                $many = array_sum(array_map(fn (Draft $draft): int => $draft->copies, $made));
                if ($many > 1 && $area <= $sheet->areaSquareInches() * 1.001) {
                    isset($wish->change[Says::IS_SHARED]) ||
                        $area > 0.45 * $sheet->areaSquareInches() ||
                        $wish->doubt('Each on a sheet of its own, or together on one?');
                    $this->sheets[] = [$made, ['many' => 0, 'on' => (string) $sheet], $wish];
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
    private function onSheet(Item $sheet, Sentence $sentence, array $made): array
    {
        $isBehind = fn (Segment $of): bool => $of->size !== null &&
            $of->pictures !== [] &&
            min(array_map(fn (Item $item): int => $item->at, $of->items())) > $sheet->at;
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

    // ---------------------------------------------------------------- taking back, changing

    private function takeBack(Sentence $sentence): void
    {
        $names = array_merge(...array_map(fn (Segment $segment): array => $segment->names(), $sentence->segments), ...[[]]);
        $sizes = array_values(array_filter(array_map(fn (Segment $segment): ?Size => $segment->size?->size, $sentence->segments)));
        $made = null;
        foreach ($sentence->of(Kind::Wish) as $wish) {
            $made = is_string($wish->change['make'] ?? null) ? $wish->change['make'] : $made;
        }
        $this->prose($sentence);
        foreach ($sentence->items as $item) {
            $item->kind === Kind::Remark || ($item->why = null);
        }
        if ($names === [] && $sizes === [] && $made !== null) {
            $this->struckMakes[] = $made;
        }
        if ($names === [] && $sizes === [] && $made === null) {
            $isOfLast = preg_match('/\b(?:scrap|cancel|forget) (?:it|that|the first|this)\b|\bnever mind that\b/i', $sentence->text) === 1;
            if ($isOfLast && $this->last !== []) {
                $this->drafts = array_values(array_filter($this->drafts, fn (Draft $draft): bool => ! in_array($draft, $this->last, true)));
                $this->speaksOf($sentence, $this->last[0]);
                $this->last = [];
                $this->lines[$sentence->line]->doubt('This takes back what was said before. It was left out.', $sentence->items[0]->at);

                return;
            }
            $sentence->has(Kind::Same, Kind::Place, Kind::All) &&
                $sentence->first()?->doubt('This seems to take something back. Look at what it speaks of.');

            return;
        }
        $taken = array_values(
            array_filter(
                $this->drafts,
                fn (Draft $draft): bool => ($names === [] || in_array($draft->picture, $names, true)) &&
                    ($sizes === [] ||
                        array_filter($sizes, fn (Size $size): bool => $draft->size !== null && $size->sameAs($draft->size)) !== []) &&
                    ($made === null || self::makeOf($draft) === $made),
            ),
        );
        $sizes === [] && ($this->struck = [...$this->struck, ...$names]);
        if ($taken !== []) {
            $this->speaksOf($sentence, $taken[0]);
            $this->drafts = array_values(array_filter($this->drafts, fn (Draft $draft): bool => ! in_array($draft, $taken, true)));
            $sentence->first()?->doubt('This takes back what was said before. It was left out.');
        } elseif ($sizes !== [] && ! $this->blocks[$sentence->line]->isStruck) {
            $sentence->first()?->doubt('This takes something back, and nothing before it is that.');
        }
    }

    private function speaksOf(Sentence $sentence, Draft $draft): void
    {
        $line = $this->lines[$sentence->line];
        $draft->line === $sentence->line || ($line->speaksOf = $this->lines[$draft->line]->number);
    }

    private static function makeOf(Draft $draft): string
    {
        $make = 'print';
        foreach ($draft->wishes as $wish) {
            $make = is_string($wish->change['make'] ?? null) ? $wish->change['make'] : $make;
        }

        return $make;
    }

    /** Whether the sentence changed prints that were spoken of before. */
    private function change(Sentence $sentence): bool
    {
        $names = array_values(
            array_unique(array_merge(...array_map(fn (Segment $segment): array => $segment->names(), $sentence->segments), ...[[]])),
        );
        $there = array_values(array_filter($this->drafts, fn (Draft $draft): bool => in_array($draft->picture, $names, true)));
        $segment = $sentence->segments[0];
        $why = 'This changes what was said before. It was read so.';
        if (count($names) === 2 && $there !== [] && ! $sentence->hasSize()) {
            // One picture for another: the one that is there goes.
            $old = (string) $there[0]->picture;
            $new = $names[0] === $old ? $names[1] : $names[0];
            foreach ($there as $draft) {
                $draft->picture === $old && ($draft->picture = $new);
                $draft->isAsked = true;
            }
            $sentence->first()?->doubt($why);
            $this->speaksOf($sentence, $there[0]);

            return true;
        }
        if (count($names) === 1 && $there === [] && ! $sentence->hasSize() && $this->renamed($names[0], $sentence)) {
            $sentence->first()?->doubt($why);
            $this->prose($sentence);

            return true;
        }
        $of = match (true) {
            $names !== [] => $there,
            $segment->scope?->kind === Kind::All => $this->drafts,
            $segment->scope?->kind === Kind::Place => (int) $segment->scope->value > 0
                ? array_slice($this->drafts, 0, (int) $segment->scope->value)
                : array_slice($this->drafts, (int) $segment->scope->value),
            default => $this->last,
        };
        if ($of === [] || $sentence->has(Kind::Rest)) {
            return false;
        }
        if ($names !== [] && $segment->isAlso) {
            return false;
        }
        $size = $count = null;
        foreach ($sentence->segments as $one) {
            $isNegated = fn (?Item $item): bool => $item !== null && $this->isNegated($item, $sentence);
            $size ??= $isNegated($one->size) ? null : $one->size;
            $count ??= $isNegated($one->count) ? null : $one->count;
        }
        $wishes = $sentence->of(Kind::Wish);
        if ($size === null && $count === null && $wishes === []) {
            return false;
        }
        foreach ($of as $draft) {
            $size === null || ($draft->size = $size->size);
            $count === null || ($draft->copies = (int) $count->count);
            $draft->wishes = [...$draft->wishes, ...$wishes];
            $draft->isAsked = true;
        }
        $sentence->first()?->doubt($why);
        $this->speaksOf($sentence, array_values($of)[0]);
        $this->prose($sentence);
        $this->last = $of;

        return true;
    }

    /** “She means ceremony 6, not couple 6”, said before the list: what is ordered of the one is meant of the other. */
    private function renames(Sentence $sentence): bool
    {
        $pictures = $sentence->of(Kind::Pictures);
        if (
            count($pictures) !== 2 ||
            $sentence->hasSize() ||
            ! $this->isNegated($pictures[1], $sentence) ||
            count($pictures[0]->names()) !== 1
        ) {
            return false;
        }
        foreach ($pictures[1]->names() as $old) {
            $this->renamed[$old] = $pictures[0]->names()[0];
        }
        $this->prose($sentence);
        $pictures[0]->doubt('What is said of the other was read of this one.');

        return true;
    }

    /** “I meant regatta 9, not 10”: the picture of that number was another. */
    private function renamed(string $new, Sentence $sentence): bool
    {
        if (preg_match('/\bnot\s+(?:no\.?\s*|number\s*)?(\d{1,6})\b/iu', $sentence->text, $m) !== 1) {
            return false;
        }
        $stem = fn (string $name): string => (string) preg_replace('/\d+(?=\D*$)/', '', pathinfo($name, PATHINFO_FILENAME));
        $old = array_filter($this->reader->pictures->numbered((int) $m[1]), fn (string $name): bool => $stem($name) === $stem($new));
        $isDone = false;
        foreach ($this->drafts as $draft) {
            if (in_array($draft->picture, $old, true)) {
                $draft->picture = $new;
                $draft->isAsked = $isDone = true;
            }
        }

        return $isDone;
    }

    private function isNegated(Item $item, Sentence $sentence): bool
    {
        $before = null;
        foreach ($sentence->items as $one) {
            if ($one === $item) {
                return $before?->kind === Kind::Not || $before?->kind === Kind::Instead;
            }
            $one->kind === Kind::Passed || ($before = $one);
        }

        return false;
    }

    // ---------------------------------------------------------------- the end

    /** What was said to be otherwise and wasn't settled has all of it looked at. */
    private function lookedAt(): void
    {
        if ($this->unsettled === null) {
            return;
        }
        foreach ($this->drafts as $draft) {
            $draft->isAsked = true;
        }
        $isTold = array_filter($this->lines, fn (ReadLine $line): bool => ! $line->isSure()) !== [];
        $isTold || $this->drafts === [] || $this->lines[$this->drafts[0]->line]->doubt($this->unsettled);
    }

    private function finish(): void
    {
        foreach ($this->drafts as $draft) {
            if (isset($this->renamed[$draft->picture ?? ''])) {
                $draft->picture = $this->renamed[(string) $draft->picture];
                $draft->isAsked = true;
            }
        }
        foreach ($this->rest as [$segment, $sentence]) {
            $spoken = array_map(fn (Draft $draft): ?string => $draft->picture, $this->drafts);
            $names = array_values(array_diff($this->reader->pictures->all(), $spoken, $segment->excepted, $this->struck));
            $segment->size === null &&
                $segment->same === null &&
                $this->over($segment)?->size === null &&
                $segment->scope?->doubt('In which size?');
            $isSized = $segment->size !== null || $segment->same !== null || $this->over($segment)?->size !== null;
            foreach ($isSized ? $names : [] as $name) {
                $this->add($this->draft($segment, $name, [], $sentence));
            }
        }
        foreach ($this->struckMakes as $make) {
            $left = array_values(array_filter($this->drafts, fn (Draft $draft): bool => self::makeOf($draft) !== $make));
            count($left) === count($this->drafts) && ($this->unsettled ??= 'Something was taken back that isn’t here.');
            count($left) === count($this->drafts) || array_map(fn (Draft $draft): bool => ($draft->isAsked = true), $left);
            $this->drafts = $left;
        }
        foreach ($this->waiting() as $draft) {
            if (self::haveSize([...$draft->wishes, ...$this->general])) {
                continue;
            }
            ($draft->from[0] ?? null)?->doubt('In which size?');
        }
        $this->askTwins();
        $all = array_sum(array_map(fn (Draft $draft): int => $draft->copies, $this->drafts));
        foreach ($this->sums as $sum) {
            // “Just the two: …, three of each” counts the pictures
            $isOfPrints = preg_match('/\b(?:prints?|copies|pieces|total|all)\b/i', $sum->words) === 1;
            $isOfPictures = ! $isOfPrints && $sum->value === count($this->drafts);
            if ($sum->value !== null && $sum->value !== $all && ! $isOfPictures && $this->drafts !== []) {
                $sum->doubt("{$sum->value} are spoken of, and {$all} were read.");
                foreach ($this->drafts as $draft) {
                    $draft->isAsked = true;
                }
            }
        }
        foreach ($this->sentences as $at => $of) {
            $this->askNumbered($at, $of);
        }
        $unused = new Unused($this->drafts, $this->general, $this->struck);
        foreach (array_merge(...array_values($this->sentences)) as $sentence) {
            $unused->ask($sentence);
        }
        $this->lookedAt();
        (new Maker($this->reader->known, $this->general))->make($this->drafts, $this->sheets, $this->lines);
    }

    /**
     * A number that stays in a remark is looked at where nothing else comes of its line.
     *
     * @param  list<Sentence>  $of
     */
    private function askNumbered(int $at, array $of): void
    {
        $isPrinted = array_filter($this->drafts, fn (Draft $draft): bool => $draft->line === $at) !== [];
        foreach ($isPrinted ? [] : $of as $sentence) {
            foreach ($sentence->of(Kind::Remark) as $remark) {
                if (preg_match('/\d/', $remark->words) === 1 && $this->lines[$at]->isSure()) {
                    $this->lines[$at]->doubt('Only a remark was read in this. Is that so?', $remark->at);
                }
            }
        }
    }

    /** The same print twice in one line: is it so, or is one of the numbers another's? */
    private function askTwins(): void
    {
        $seen = $before = [];
        foreach ($this->drafts as $draft) {
            $isMore = array_filter($draft->from, fn (Item $of): bool => preg_match(self::MORE, $of->words) === 1) !== [];
            if ($isMore || $draft->picture === null || $draft->size === null || $draft->sheet !== null) {
                continue;
            }
            $wishes = array_map(fn (Item $wish): string => json_encode($wish->change) ?: '', $draft->wishes);
            $key = "{$draft->line} {$draft->picture} {$draft->size} ".implode(' ', $wishes);
            if (isset($seen[$key])) {
                $draft->isAsked = $seen[$key]->isAsked = true;
                end($draft->from) === false || end($draft->from)->doubt('The same print twice: are both meant?');
            }
            $seen[$key] = $draft;
            $last = $before[$draft->line." {$draft->picture}"] ?? null;
            if ($last?->size !== null && self::isSameInOtherUnits($last->size, $draft->size)) {
                $draft->isAsked = $last->isAsked = true;
                $size = array_values(array_filter($draft->from, fn (Item $of): bool => $of->kind === Kind::Size))[0] ?? null;
                $size?->doubt("{$last->size->label()} in other words, or another print?");
            }
            $before[$draft->line." {$draft->picture}"] = $draft;
        }
    }

    /** “8x10 (20x25 cm)”: two writings of one size. */
    private static function isSameInOtherUnits(Size $one, Size $other): bool
    {
        [$a, $b] = [$one->portrait(), $other->portrait()];
        $isNear = fn (int $a, int $b): bool => abs($a - $b) < self::NEAR * max($a, $b);

        return ($one->width->unit !== $other->width->unit || $one->name !== $other->name) &&
            $isNear($a->width->nanometres, $b->width->nanometres) &&
            $isNear($a->height->nanometres, $b->height->nanometres);
    }
}
