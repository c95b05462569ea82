<?php

declare(strict_types=1);

namespace Planisher\Reading\Discourse;

use Planisher\Reading\Chart\ChartItem;
use Planisher\Reading\Chart\ItemKind;
use Planisher\Reading\Message\BlockKind;

/** Lines that head those below them: a size, a finish, a number of prints, or why nothing comes of them. */
final class Headings
{
    /** A line that says nothing else: “not wanted” */
    private const OFF_ALONE =
        '/^\W*(?:(?:these|those)(?: are)? )?(?:not (?:wanted|needed|yet|to be printed)|no,? thanks|rejects?|for later'.
        '|(?:please )?(?:don\'?t|do not) print(?: these| those| yet)*|(?:please )?quote (?:only|for)\b[^:,]{0,40})'.
        '(?:,? (?:pls|please|thanks|thank you))?\W*$/iu';

    public function __construct(private readonly Talk $talk) {}

    /** “Please quote for (don’t print yet):” — nothing comes of what stands under it. */
    public function mutes(int $at): bool
    {
        $block = $this->talk->blocks[$at];
        $text = trim($block->words());
        $isShort = preg_match('/^[\p{Lu}\s]{6,30}$/u', $text) === 1;
        $of = $this->talk->sentences[$at];
        $isNone = array_filter($of, fn (ReadSentence $one): bool => $one->segments !== []) === [];
        $isOffAlone = preg_match(self::OFF_ALONE, strtr($text, ['’' => "'"])) === 1;
        if (($block->isColon() || $isShort || $isOffAlone) && $isNone) {
            $isOff =
                $isOffAlone ||
                preg_match(
                    '/\b(?:quote|price|don\'?t print|not wanted|not needed|do not print|for later|not yet|rejects?|no thanks)\b/iu',
                    strtr($text, ['’' => "'"]),
                ) === 1;
            $this->talk->muted = $isOff ? "This stands under “{$text}”." : null;
            $this->talk->isMuteOpen = $isOff;
            $this->talk->isMuteSpaced = false;
            if ($isOff) {
                foreach ($of as $sentence) {
                    $sentence->passOver();
                }
            }

            return $isOff;
        }
        if ($this->talk->muted !== null) {
            $this->talk->isMuteOpen = false;
            foreach ($of as $sentence) {
                $sentence->quote($this->talk->muted.' Nothing was taken of it.');
            }

            return true;
        }

        return false;
    }

    /** A blank line ends a heading that mutes, where it doesn't stand between all of its lines. */
    public function parts(): void
    {
        if ($this->talk->muted === null) {
            return;
        }
        if ($this->talk->isMuteOpen) {
            $this->talk->isMuteSpaced = true;
        } elseif (! $this->talk->isMuteSpaced) {
            $this->talk->muted = null;
        }
    }

    /** Whether a line heads those that follow: a size, a finish or a count without pictures, above pictures that lack it. */
    public function heads(int $at): bool
    {
        $of = $this->talk->sentences[$at];
        if (count($of) !== 1 || count($of[0]->segments) > 1 || in_array($of[0]->speech, [Speech::Question, Speech::Report], true)) {
            return false;
        }
        $sentence = $of[0];
        $segment = $sentence->segments[0] ?? null;
        $wishes = $sentence->of(ItemKind::Wish);
        if ($segment === null && ($wishes === [] || $sentence->has(ItemKind::All))) {
            return false; // “All on matte:” is said of all prints
        }
        [$next, $isRuled] = $this->next($at);
        if ($next === null) {
            return false;
        }
        $isClear = $this->talk->blocks[$at]->isColon() || $isRuled;
        $segment ??= new Segment();
        $nextSegment = $next->segments[0] ?? new Segment();
        $lacksSize = $nextSegment->pictures !== [] && ! $next->hasSize();
        $lacksPicture = ! $nextSegment->hasPictures() && $next->hasSize();
        $isOfAll = $segment->scope?->kind === ItemKind::All;
        if ($segment->pictures === [] && ($this->talk->heading->pictures ?? []) !== [] && ! $this->talk->isApart && ! $isClear) {
            return false;
        }
        $isSeries =
            $isClear &&
            $segment->size !== null &&
            $lacksSize &&
            array_filter($segment->pictures, fn (ChartItem $of): bool => ! ($of->named->isSeveral ?? false)) === [];
        if ($segment->pictures !== [] && ! $isSeries) {
            $isUnderSize = $this->talk->heading?->size !== null && ! $this->talk->isApart;

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
        return ($this->talk->blocks[$at + 1] ?? null)?->kind === BlockKind::Words;
    }

    /** @return array{?ReadSentence, bool} the next sentence that speaks of prints, and whether a rule stands between */
    public function next(int $at): array
    {
        $isRuled = false;
        for ($i = $at + 1; $i < count($this->talk->blocks); $i++) {
            $isRuled = $isRuled || ($this->talk->blocks[$i]->kind === BlockKind::Ruled && $i === $at + 1);
            foreach ($this->talk->sentences[$i] ?? [] as $sentence) {
                if ($sentence->segments !== []) {
                    return [$sentence, $isRuled];
                }
            }
        }

        return [null, $isRuled];
    }

    public function head(int $at): void
    {
        $sentence = $this->talk->sentences[$at][0];
        $this->talk->headings[] = $sentence;
        $this->talk->heading = $sentence->segments[0] ?? new Segment();
        $this->talk->heading->scope?->kind === ItemKind::All && ($this->talk->heading->scope = null);
        if ($this->talk->heading->size !== null) {
            foreach ($this->talk->heading->pictures as $picture) {
                $picture->why = null;
            }
            $this->talk->heading->pictures = [];
        }
        if ($sentence->segments === []) {
            $this->talk->heading->wishes = $sentence->of(ItemKind::Wish);
        }
        $this->talk->isApart = false;
        $this->talk->headedAt = $at;
        if ($sentence->speech === Speech::Changes || $this->talk->heading->same !== null) {
            $this->talk->heading->isStronger = $sentence->speech === Speech::Changes || $sentence->has(ItemKind::Instead);
            $this->talk->unsettled ??= 'This seems to change something. Look at what it speaks of.';
            $sentence->first()?->doubt($this->talk->unsettled);
        }
        foreach ($sentence->items as $i => $item) {
            $next = $this->excepted($sentence, $i);
            if ($next !== null) {
                $this->talk->heading->pictures = array_values(
                    array_filter($this->talk->heading->pictures, fn (ChartItem $of): bool => $of !== $next),
                );
                $this->talk->heading->excepted = $next->names();
                $this->talk->unsettled ??= 'Something is left out here.';
            }
        }
        $this->talk->keepReasons($sentence);
        $make = null;
        foreach ($this->talk->heading->wishes ?? [] as $wish) {
            $make = is_string($wish->change['make'] ?? null) ? $wish->change['make'] : $make;
        }
        $this->talk->headingMake = $make;
        if ($make !== null) {
            $this->readAgain($at);
        }
    }

    /** “0401 to 0410, but not 0406”, “…, but the 0406 not”: what is left out of a heading. */
    private function excepted(ReadSentence $sentence, int $i): ?ChartItem
    {
        $says = fn (ChartItem $item): bool => $item->kind !== ItemKind::Passed;
        $before = array_values(array_filter(array_slice($sentence->items, 0, $i), $says));
        $next = array_values(array_filter(array_slice($sentence->items, $i + 1), $says))[0] ?? null;
        $last = end($before);
        if ($sentence->items[$i]->kind !== ItemKind::Not) {
            return null;
        }
        if ($next?->kind === ItemKind::Pictures) {
            return $next;
        }

        return $last !== false && $last->kind === ItemKind::Pictures && count($sentence->of(ItemKind::Pictures)) > 1 ? $last : null;
    }

    /** Under a heading that says what is made, its words mean what they mean of that. */
    private function readAgain(int $at): void
    {
        for ($i = $at + 1; $i < count($this->talk->blocks) && isset($this->talk->sentences[$i]); $i++) {
            $line = $this->talk->lines[$i];
            $line->items = ChartItem::moved(
                $this->talk->reader->items($this->talk->blocks[$i]->words(), make: $this->talk->headingMake),
                $this->talk->blocks[$i]->start,
            );
            $this->talk->sentences[$i] = ReadSentence::all($line->items, $line->text, $i);
        }
    }
}
