<?php

declare(strict_types=1);

namespace Planisher\Reading\Discourse;

use Planisher\Reading\Chart\Item;
use Planisher\Reading\Chart\Kind;

/** One sentence of a line: its words as they were read, and what is spoken of. */
final class Sentence
{
    /** @var list<Segment> */
    public array $segments;

    public Speech $speech;

    /** Something of it is marked as not wanted */
    public bool $isStruck = false;

    /** @param  list<Item>  $items */
    public function __construct(public array $items, public readonly string $text, public readonly int $line, ?Speech $speech = null)
    {
        $this->speech = $speech ?? Speech::of($text);
        Contrast::besides($items);
        Contrast::struck($items);
        $this->segments = Segments::of($items);
    }

    /**
     * A row of a table, whose parts are known.
     *
     * @param  list<Item>  $items
     * @param  list<Segment>  $segments
     */
    public static function ofSegments(array $items, array $segments, string $text, int $line): self
    {
        $sentence = new self($items, $text, $line, Speech::Order);
        $sentence->segments = $segments;

        return $sentence;
    }

    /**
     * @param  list<Item>  $items
     * @param  \Closure(Item): bool  $ends  whether one ends a part, of which it is the last
     * @return list<list<Item>>
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
     * @param  list<list<Item>>  $parts
     */
    private static function areWhole(array $parts): bool
    {
        $has = fn (array $part, Kind $kind): bool => array_filter($part, fn (Item $item): bool => $item->kind === $kind) !== [];
        $whole = array_filter($parts, fn (array $part): bool => $part === [] || ($has($part, Kind::Size) && $has($part, Kind::Pictures)));

        return count($parts) > 1 && count($whole) === count($parts);
    }

    /**
     * The sentences of a line.
     *
     * @param  list<Item>  $items
     * @return list<self>
     */
    public static function all(array $items, string $text, int $line): array
    {
        $parts = [];
        foreach (self::apart($items, fn (Item $item): bool => $item->kind === Kind::End) as $part) {
            $halves = self::apart($part, fn (Item $item): bool => $item->kind === Kind::Stop && $item->words === ';');
            array_push($parts, ...self::areWhole($halves) ? $halves : [$part]);
        }

        return array_values(
            array_map(
                fn (array $of): self => new self($of, substr($text, $of[0]->at, end($of)->end() - $of[0]->at), $line),
                array_filter($parts, fn (array $of): bool => $of !== []),
            ),
        );
    }

    /** Whether something of it is asked; a remark is only told. */
    public function isAsked(): bool
    {
        return array_filter($this->items, fn (Item $item): bool => $item->isAsked()) !== [];
    }

    /** Nothing is asked of its words, but of one. */
    public function passOver(?Item $but = null): void
    {
        foreach ($this->items as $item) {
            if ($item !== $but && in_array($item->kind, [Kind::Unknown, Kind::Count, Kind::Not, Kind::Instead], true)) {
                $item->why = null;
            }
        }
    }

    /** It is kept as it was written, and asked where it speaks of prints. */
    public function quote(string $why, bool $isAsked = false): void
    {
        $isOfPrints =
            $this->has(Kind::Size, Kind::Same) ||
            ($this->has(Kind::Pictures) && ($isAsked || $this->has(Kind::Count, Kind::Wish))) ||
            (str_contains($this->text, '?') &&
                ($this->has(Kind::Wish, Kind::Remark) ||
                    preg_match('/\b(?:can|could|would) you\b.*\b(?:it|them|this|that)\b/iu', $this->text) === 1));
        $this->passOver();
        foreach ($this->items as $item) {
            $item->kind === Kind::Remark || ($item->why = null);
        }
        $isOfPrints && $this->first()?->doubt($why.' “'.trim(mb_strimwidth($this->text, 0, 160, '…')).'”');
    }

    /** Whether a “not” or an “instead of” stands before a part of it. */
    public function negates(Item $item): bool
    {
        $before = null;
        foreach ($this->items as $one) {
            if ($one === $item) {
                return $before?->kind === Kind::Not || $before?->kind === Kind::Instead;
            }
            $one->kind === Kind::Passed || ($before = $one);
        }

        return false;
    }

    /** Drops segments of which nothing is left. */
    public function dropEmpty(): void
    {
        $this->segments = array_values(array_filter($this->segments, fn (Segment $segment): bool => $segment->isBegun()));
    }

    public function has(Kind ...$kinds): bool
    {
        foreach ($this->items as $item) {
            if (in_array($item->kind, $kinds, true)) {
                return true;
            }
        }

        return false;
    }

    /** @return list<Item> */
    public function of(Kind ...$kinds): array
    {
        return array_values(array_filter($this->items, fn (Item $item): bool => in_array($item->kind, $kinds, true)));
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
        return $this->has(Kind::Size, Kind::Pictures, Kind::Rest, Kind::Wish) || $this->has(Kind::Count, Kind::All, Kind::Each, Kind::Same);
    }

    /** The items that say what is printed, and of what: the words that a doubt about all of it stands at. */
    public function first(): ?Item
    {
        return $this->of(Kind::Pictures, Kind::Size, Kind::Count, Kind::All, Kind::Rest, Kind::Same, Kind::Wish, Kind::Not)[0] ??
            ($this->of(Kind::Unknown, Kind::Passed)[0] ?? null);
    }
}
