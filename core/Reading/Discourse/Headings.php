<?php

declare(strict_types=1);

namespace Planisher\Reading\Discourse;

use Planisher\Reading\Chart\Item;
use Planisher\Reading\Chart\Kind;
use Planisher\Reading\Message\BlockKind;

/** Lines that head those below them: a size, a finish, a number of prints, or why nothing comes of them. */
final class Headings
{
    public function __construct(private readonly Talk $talk) {}

    /** “Please quote for (don’t print yet):” — nothing comes of what stands under it. */
    public function mutes(int $at): bool
    {
        $block = $this->talk->blocks[$at];
        $text = trim($block->words());
        $isShort = preg_match('/^[\p{Lu}\s]{6,30}$/u', $text) === 1;
        $of = $this->talk->sentences[$at];
        $isNone = array_filter($of, fn (Sentence $one): bool => $one->segments !== []) === [];
        if (($block->isColon() || $isShort) && $isNone) {
            $isOff =
                preg_match(
                    '/\b(?:quote|price|don\'?t print|not wanted|not needed|do not print|for later|not yet|rejects?|no thanks)\b/iu',
                    strtr($text, ['’' => "'"]),
                ) === 1;
            $this->talk->muted = $isOff ? "This stands under “{$text}”." : null;
            $this->talk->isMuteOpen = $isOff;
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

    /** Whether a line heads those that follow: a size, a finish or a count without pictures, above pictures that lack it. */
    public function heads(int $at): bool
    {
        $of = $this->talk->sentences[$at];
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
        $isClear = $this->talk->blocks[$at]->isColon() || $isRuled;
        $segment ??= new Segment();
        $nextSegment = $next->segments[0] ?? new Segment();
        $lacksSize = $nextSegment->pictures !== [] && ! $next->hasSize();
        $lacksPicture = ! $nextSegment->hasPictures() && $next->hasSize();
        $isOfAll = $segment->scope?->kind === Kind::All;
        if ($segment->pictures === [] && ($this->talk->heading->pictures ?? []) !== [] && ! $this->talk->isApart && ! $isClear) {
            return false;
        }
        $isSeries =
            $isClear &&
            $segment->size !== null &&
            $lacksSize &&
            array_filter($segment->pictures, fn (Item $of): bool => ! ($of->named->isSeveral ?? false)) === [];
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

    /** @return array{?Sentence, bool} the next sentence that speaks of prints, and whether a rule stands between */
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
        $this->talk->heading = $sentence->segments[0] ?? new Segment();
        $this->talk->heading->scope?->kind === Kind::All && ($this->talk->heading->scope = null);
        if ($this->talk->heading->size !== null) {
            foreach ($this->talk->heading->pictures as $picture) {
                $picture->why = null;
            }
            $this->talk->heading->pictures = [];
        }
        if ($sentence->segments === []) {
            $this->talk->heading->wishes = $sentence->of(Kind::Wish);
        }
        $this->talk->isApart = false;
        $this->talk->headedAt = $at;
        if ($sentence->speech === Speech::Changes || $this->talk->heading->same !== null) {
            $this->talk->heading->isStronger = $sentence->speech === Speech::Changes || $sentence->has(Kind::Instead);
            $this->talk->unsettled ??= 'This seems to change something. Look at what it speaks of.';
            $sentence->first()?->doubt($this->talk->unsettled);
        }
        foreach ($sentence->items as $i => $item) {
            $next = $sentence->items[$i + 1] ?? null;
            if ($item->kind === Kind::Not && $next !== null && $next->kind === Kind::Pictures) {
                $this->talk->heading->pictures = array_values(
                    array_filter($this->talk->heading->pictures, fn (Item $of): bool => $of !== $next),
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

    /** Under a heading that says what is made, its words mean what they mean of that. */
    private function readAgain(int $at): void
    {
        for ($i = $at + 1; $i < count($this->talk->blocks) && isset($this->talk->sentences[$i]); $i++) {
            $line = $this->talk->lines[$i];
            $line->items = Item::moved(
                $this->talk->reader->items($this->talk->blocks[$i]->words(), make: $this->talk->headingMake),
                $this->talk->blocks[$i]->start,
            );
            $this->talk->sentences[$i] = Sentence::all($line->items, $line->text, $i);
        }
    }
}
