<?php

declare(strict_types=1);

namespace Planisher\Reading\Discourse;

use Planisher\Reading\Chart\ChartItem;
use Planisher\Reading\Chart\ItemKind;

/** One sentence of a line: its words as they were read, and what is spoken of. */
final class ReadSentence
{
    /** @var list<Segment> */
    public array $segments;

    public Speech $speech;

    /** Something of it is marked as not wanted */
    public bool $isStruck = false;

    /** Its parts were known: a row of a table of sizes */
    public bool $isGiven = false;

    /** @param  list<ChartItem>  $items */
    public function __construct(public array $items, public readonly string $text, public readonly int $line, ?Speech $speech = null)
    {
        $this->speech = $speech ?? Speech::of($text);
        Contrast::besides($items);
        Contrast::struck($items);
        $this->segments = Segmentation::of($items);
    }

    /**
     * A row of a table, whose parts are known.
     *
     * @param  list<ChartItem>  $items
     * @param  list<Segment>  $segments
     */
    public static function ofSegments(array $items, array $segments, string $text, int $line): self
    {
        $sentence = new self($items, $text, $line, Speech::Order);
        $sentence->segments = $segments;
        $sentence->isGiven = true;

        return $sentence;
    }

    /**
     * @param  list<ChartItem>  $items
     * @param  \Closure(ChartItem): bool  $ends  whether one ends a part, of which it is the last
     * @return list<list<ChartItem>>
     */
    private static function apart(array $items, \Closure $ends): array
    {
        $parts = [[]];
        foreach ($items as $item) {
            $parts[count($parts) - 1][] = $item;
            $ends($item) && ($parts[] = []);
        }

        return $parts;
    }

    /**
     * “8x10: garden; canvas 16x20: storm”: where each part has its picture and its size, a semicolon ends a sentence.
     *
     * @param  list<list<ChartItem>>  $parts
     */
    private static function areWhole(array $parts): bool
    {
        $has = fn (array $part, ItemKind $kind): bool => array_filter($part, fn (ChartItem $item): bool => $item->kind === $kind) !== [];
        $whole = array_filter(
            $parts,
            fn (array $part): bool => $part === [] || ($has($part, ItemKind::Size) && $has($part, ItemKind::Pictures)),
        );

        return count($parts) > 1 && count($whole) === count($parts);
    }

    /**
     * The sentences of a line.
     *
     * @param  list<ChartItem>  $items
     * @return list<self>
     */
    public static function all(array $items, string $text, int $line): array
    {
        $parts = [];
        foreach (self::apart($items, fn (ChartItem $item): bool => $item->kind === ItemKind::End) as $part) {
            $halves = self::apart($part, fn (ChartItem $item): bool => $item->kind === ItemKind::Stop && $item->words === ';');
            array_push($parts, ...self::areWhole($halves) ? $halves : [$part]);
        }

        return array_values(
            array_map(
                fn (array $of): self => new self($of, substr($text, $of[0]->at, end($of)->end() - $of[0]->at), $line),
                array_filter($parts, fn (array $of): bool => $of !== []),
            ),
        );
    }

    /** @return list<ChartItem> without the words that are passed over */
    public function spoken(): array
    {
        return array_values(array_filter($this->items, fn (ChartItem $item): bool => $item->kind !== ItemKind::Passed));
    }

    /** Whether something of it is asked; a remark is only told. */
    public function isAsked(): bool
    {
        return array_filter($this->items, fn (ChartItem $item): bool => $item->isAsked()) !== [];
    }

    /** Nothing is asked of its words, but of one. */
    public function passOver(?ChartItem $but = null): void
    {
        foreach ($this->items as $item) {
            if ($item !== $but && $item->is(ItemKind::Unknown, ItemKind::Count, ItemKind::Not, ItemKind::Instead)) {
                $item->why = null;
            }
        }
    }

    /** It is kept as it was written, and asked where it speaks of prints. */
    public function quote(string $why, bool $isAsked = false): void
    {
        $isOfPrints =
            $this->has(ItemKind::Size, ItemKind::Same) ||
            $this->countsEach() ||
            ($this->has(ItemKind::Pictures) && ($isAsked || $this->has(ItemKind::Count, ItemKind::Wish))) ||
            (str_contains($this->text, '?') &&
                ($this->has(ItemKind::Wish, ItemKind::Remark) ||
                    preg_match('/\b(?:can|could|would) you\b.*\b(?:it|them|this|that)\b/iu', $this->text) === 1));
        $this->passOver();
        foreach ($this->items as $item) {
            $item->kind === ItemKind::Remark || ($item->why = null);
        }
        $isOfPrints && $this->first()?->doubt($why.' “'.trim(mb_strimwidth($this->text, 0, 160, '…')).'”');
    }

    /** “So 3 of each”: what it says, it says of prints, whatever else it tells. */
    public function countsEach(): bool
    {
        return array_filter($this->of(ItemKind::Count), fn (ChartItem $count): bool => $count->isEach) !== [] ||
            ($this->has(ItemKind::Each) && $this->has(ItemKind::Count));
    }

    /** Whether a “not” or an “instead of” stands before a part of it. */
    public function negates(ChartItem $item): bool
    {
        $before = null;
        foreach ($this->items as $one) {
            if ($one === $item) {
                return $before?->kind === ItemKind::Not || $before?->kind === ItemKind::Instead;
            }
            $one->kind === ItemKind::Passed || ($before = $one);
        }

        return false;
    }

    /** Drops segments of which nothing is left. */
    public function dropEmpty(): void
    {
        $this->segments = array_values(array_filter($this->segments, fn (Segment $segment): bool => $segment->isBegun()));
    }

    public function has(ItemKind ...$kinds): bool
    {
        foreach ($this->items as $item) {
            if (in_array($item->kind, $kinds, true)) {
                return true;
            }
        }

        return false;
    }

    /** @return list<ChartItem> */
    public function of(ItemKind ...$kinds): array
    {
        return array_values(array_filter($this->items, fn (ChartItem $item): bool => in_array($item->kind, $kinds, true)));
    }

    public function hasPictures(): bool
    {
        return array_filter($this->segments, fn (Segment $segment): bool => $segment->hasPictures()) !== [];
    }

    public function hasSize(): bool
    {
        return array_filter($this->segments, fn (Segment $segment): bool => $segment->size !== null || $segment->same !== null) !== [];
    }

    /** Whether it speaks of prints at all. */
    public function isOfPrints(): bool
    {
        return $this->has(ItemKind::Size, ItemKind::Pictures, ItemKind::Rest, ItemKind::Wish) ||
            $this->has(ItemKind::Count, ItemKind::All, ItemKind::Each, ItemKind::Same);
    }

    /** The items that say what is printed, and of what: the words that a doubt about all of it stands at. */
    public function first(): ?ChartItem
    {
        return $this->of(
            ItemKind::Pictures,
            ItemKind::Size,
            ItemKind::Count,
            ItemKind::All,
            ItemKind::Rest,
            ItemKind::Same,
            ItemKind::Wish,
            ItemKind::Not,
        )[0] ??
            ($this->of(ItemKind::Unknown, ItemKind::Passed)[0] ?? null);
    }
}
