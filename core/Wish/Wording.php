<?php

declare(strict_types=1);

namespace Planisher\Wish;

/**
 * Words as somebody wrote them, of which parts are taken one after the other as they are understood. What was taken can't be
 * taken again, and nothing is read across it.
 */
final class Wording
{
    /** Stands for every byte that was taken. */
    private const TAKEN = "\x1f";

    private string $left;

    public function __construct(public readonly string $text)
    {
        $this->left = str_replace(self::TAKEN, ' ', $text);
    }

    /**
     * Looks for a pattern in what is left, and takes what it finds where it means something.
     *
     * @param  string  $pattern  with delimiters
     * @param  callable(array<int|string, string>, int, int): bool  $means  groups, where it stands and how long it is, in bytes;
     *                                                                    false leaves it
     */
    public function take(string $pattern, callable $means): void
    {
        // Most patterns are nowhere in a line, which is told sooner without their groups.
        if (preg_match($pattern, $this->left) !== 1) {
            return;
        }
        preg_match_all($pattern, $this->left, $found, PREG_SET_ORDER | PREG_OFFSET_CAPTURE);
        foreach ($found as $match) {
            [$words, $at] = $match[0];
            $groups = array_map(fn (array $group): string => $group[0], array_filter($match, fn (array $group): bool => $group[1] >= 0));
            if ($words !== '' && $means($groups, $at, strlen($words))) {
                $this->taken($at, strlen($words));
            }
        }
    }

    /** What is left, each part that was taken as one byte: words that say the same of different things look the same. */
    public function shape(): string
    {
        return (string) preg_replace('/'.self::TAKEN.'+/', self::TAKEN, $this->left);
    }

    /** Words of such a shape. */
    public static function ofShape(string $shape): self
    {
        $words = new self($shape);
        $words->left = $shape;

        return $words;
    }

    /**
     * Where the bytes of its shape stand in it.
     *
     * @return list<int> by their place in the shape, its end with them
     */
    public function places(): array
    {
        $places = [];
        for ($at = 0, $end = strlen($this->left); $at < $end; $at++) {
            if ($at === 0 || $this->left[$at] !== self::TAKEN || $this->left[$at - 1] !== self::TAKEN) {
                $places[] = $at;
            }
        }

        return [...$places, strlen($this->left)];
    }

    public function taken(int $at, int $length): void
    {
        $this->left = substr_replace($this->left, str_repeat(self::TAKEN, $length), $at, $length);
    }

    public function has(string $pattern): bool
    {
        return preg_match($pattern, $this->left) === 1;
    }

    /** What stands between two places; null where some of it was taken. */
    public function between(int $from, int $to): ?string
    {
        $words = substr($this->left, $from, max(0, $to - $from));

        return str_contains($words, self::TAKEN) ? null : $words;
    }

    /**
     * What nobody has taken yet.
     *
     * @param  string  $pattern  of what is a piece by itself
     * @return list<array{string, int}> and where it stands
     */
    public function left(string $pattern): array
    {
        return preg_match_all($pattern, $this->left, $found, PREG_OFFSET_CAPTURE) > 0 ? $found[0] : [];
    }
}
