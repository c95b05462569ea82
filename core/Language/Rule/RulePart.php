<?php

declare(strict_types=1);

namespace Planisher\Language\Rule;

use Planisher\Language\Words\Spoken;

/** A part of a rule: a word, something typed, a row of parts, one of several, one that may be left out. */
final class RulePart
{
    private const MOST_FILLERS = 2;

    private const FILLER = 0.08;

    /** Ways that are kept of one part, the cheapest: more mean nothing else. */
    private const MOST_WAYS = 12;

    /** What a sign of a rule may be written as: “sharpen; q 65”, “date & subject”, “a web one (1080 wide)” */
    private const WRITTEN = [',' => [',', ';', '('], 'and' => ['and', '&']];

    /** @var ?array<string, true> all words that stand in it, where they were asked for */
    private ?array $all = null;

    /**
     * @param  array<string, true>  $words
     * @param  list<self>  $parts
     */
    private function __construct(
        private readonly string $is,
        private readonly array $words = [],
        private readonly string $kind = '',
        private readonly string $name = '',
        private readonly array $parts = [],
    ) {}

    /** @param  list<string>  $words */
    public static function word(array $words): self
    {
        $written = array_merge(...array_map(fn (string $word): array => self::WRITTEN[$word] ?? [$word], $words));

        return new self('word', array_fill_keys($written, true));
    }

    public static function typed(string $kind, ?string $name = null): self
    {
        return new self('typed', kind: $kind, name: $name ?? $kind);
    }

    public static function maybe(self $part): self
    {
        return new self('maybe', parts: [$part]);
    }

    /** @param  list<self>  $parts */
    public static function row(array $parts): self
    {
        return new self('row', parts: $parts);
    }

    /** @param  list<self>  $parts */
    public static function any(array $parts): self
    {
        return new self('any', parts: $parts);
    }

    /**
     * Where it ends, from where it begins: with what it heard and what that costs.
     *
     * @param  list<array{int, array<string, mixed>, float}>  $ways  places, what was heard before, costs
     * @return list<array{int, array<string, mixed>, float}>
     */
    public function match(Spoken $said, array $ways, int $start): array
    {
        switch ($this->is) {
            case 'word':
                $found = [];
                foreach ($ways as [$i, $heard, $cost]) {
                    for ($skipped = 0; $skipped <= self::MOST_FILLERS; $skipped++, $i++) {
                        $word = $said->words[$i] ?? null;
                        if ($word === null) {
                            break;
                        }
                        if (isset($this->words[$word->text])) {
                            $found[] = [$i + 1, $heard, $cost];
                            break;
                        }
                        if ($i === $start || ! self::isFiller($said, $i)) {
                            break;
                        }
                        $cost += self::FILLER;
                    }
                }

                return $found;
            case 'typed':
                $found = [];
                foreach ($ways as [$i, $heard, $cost]) {
                    for ($skipped = 0; $skipped <= self::MOST_FILLERS; $skipped++, $i++) {
                        foreach ($said->typed($this->kind, $i) as $typed) {
                            $found[] = [
                                $typed->end,
                                [$this->name => [$typed, $said->written($i, $typed->end)]] + $heard,
                                $cost + $typed->cost,
                            ];
                        }
                        if ($i === $start || ! isset($said->words[$i]) || ! self::isFiller($said, $i)) {
                            break;
                        }
                        $cost += self::FILLER;
                    }
                }

                return self::cheapest($found);
            case 'maybe':
                return [...$this->parts[0]->match($said, $ways, $start), ...$ways];
            case 'any':
                $found = [];
                foreach ($this->parts as $part) {
                    $found = [...$found, ...$part->match($said, $ways, $start)];
                }

                return count($found) < 2 ? $found : self::cheapest($found);
            default:
                foreach ($this->parts as $part) {
                    if ($ways === []) {
                        return [];
                    }
                    $ways = $part->match($said, $ways, $start);
                }

                return $ways;
        }
    }

    /**
     * What it may begin with: words as keys, kinds of what is typed in braces; null where it may be empty.
     *
     * @return array<string, true>
     */
    public function first(): array
    {
        return match ($this->is) {
            'word' => $this->words,
            'typed' => ["{{$this->kind}}" => true],
            'any' => self::together(array_map(fn (self $part): array => $part->first(), $this->parts)),
            'maybe' => $this->parts[0]->first(),
            default => $this->firstOfRow(),
        };
    }

    /** @return array<string, true> all words that stand in it */
    public function words(): array
    {
        if ($this->all === null) {
            $this->all = $this->words;
            foreach ($this->parts as $part) {
                $this->all += $part->words();
            }
        }

        return $this->all;
    }

    /** @return array<string, true> */
    private function firstOfRow(): array
    {
        $first = [];
        foreach ($this->parts as $part) {
            $first += $part->first();
            if (! $part->isEmptiable()) {
                break;
            }
        }

        return $first;
    }

    /**
     * What a line has to have, one word of each, for this to stand in it at all.
     *
     * @return list<array<string, true>>
     */
    public function needs(): array
    {
        if ($this->is === 'word') {
            return [$this->words];
        }
        $of = $this->is === 'typed' || $this->is === 'maybe' ? [] : array_map(fn (self $part): array => $part->needs(), $this->parts);
        if ($this->is === 'row') {
            return array_merge(...$of);
        }

        return $of === [] || in_array([], $of, true) ? [] : [self::together(array_map(fn (array $needs): array => $needs[0], $of))];
    }

    private function isEmptiable(): bool
    {
        return match ($this->is) {
            'maybe' => true,
            'any' => array_filter($this->parts, fn (self $part): bool => $part->isEmptiable()) !== [],
            'row' => array_filter($this->parts, fn (self $part): bool => ! $part->isEmptiable()) === [],
            default => false,
        };
    }

    /**
     * @param  list<array<string, true>>  $words
     * @return array<string, true>
     */
    private static function together(array $words): array
    {
        $all = [];
        foreach ($words as $of) {
            $all += $of;
        }

        return $all;
    }

    private static function isFiller(Spoken $said, int $i): bool
    {
        $word = $said->words[$i];
        $isPaper = $word->text === 'a' && ($said->words[$i + 1] ?? null)?->isDigits() && $said->words[$i + 1]->isGlued;

        return (isset(Vocabulary::fillers()[$word->text]) && ! $isPaper) ||
            ($word->isSign() && ($word->text === ':' || ($word->text === '-' && $word->isGlued) || $word->text === '='));
    }

    /**
     * @param  list<array{int, array<string, mixed>, float}>  $ways
     * @return list<array{int, array<string, mixed>, float}>
     */
    private static function cheapest(array $ways): array
    {
        $best = [];
        foreach ($ways as $way) {
            $key = $way[0].'|'.implode(',', array_keys($way[1]));
            if (! isset($best[$key]) || $way[2] < $best[$key][2]) {
                $best[$key] = $way;
            }
        }
        if (count($best) > self::MOST_WAYS) {
            uasort($best, fn (array $one, array $other): int => $one[2] <=> $other[2]);
            $best = array_slice($best, 0, self::MOST_WAYS);
        }

        return array_values($best);
    }
}
