<?php

declare(strict_types=1);

namespace Planisher\ClientList;

use Planisher\Wish\NumberWords;
use Planisher\Wish\Offer;
use Planisher\Wish\Wording;

/** The pictures of an order as they are spoken of: by name, part of a name, number, in lists and ranges, “the last three”. */
final class PictureWords
{
    private const MOST_OF_A_RANGE = 500;

    private const SHORTEST_PART = 3;

    private const SHORTEST_START = 4;

    /** @var array<string, list<string>> the words of each picture's name, by picture */
    private array $words = [];

    /** @var array<int, list<string>> pictures by the last number of their name */
    private array $byNumber = [];

    /** @var array<string, list<string>> pictures by a word of their name */
    private array $byWord = [];

    /** @var array<string, list<string>> pictures by a word that somebody said, once it was looked for */
    private array $meant = [];

    /** @param  list<string>  $names  of the order's pictures, in its order */
    public function __construct(private readonly array $names)
    {
        foreach ($names as $name) {
            $stem = pathinfo($name, PATHINFO_FILENAME);
            $this->words[$name] = array_values(array_filter(preg_split('/[^\pL\pN]+/u', mb_strtolower($stem)) ?: []));
            foreach (array_unique($this->words[$name]) as $word) {
                $this->byWord[$word][] = $name;
            }
            if (preg_match('/(\d+)\D*$/', $stem, $m) === 1 && strlen($m[1]) < 10) {
                $this->byNumber[(int) $m[1]][] = $name;
            }
        }
    }

    /** @return list<string> */
    public function all(): array
    {
        return $this->names;
    }

    /**
     * Names said whole.
     *
     * @return list<Token>
     */
    public function whole(Wording $words): array
    {
        $tokens = [];
        $said = array_flip(array_map(strval(...), array_filter(preg_split('/[^\pL\pN]+/u', mb_strtolower($words->text)) ?: [])));
        $there = [];
        foreach (array_keys($said) as $word) {
            foreach ($this->byWord[$word] ?? [] as $name) {
                $of = $this->words[$name];
                if (array_filter($of, fn (string $one): bool => ! isset($said[$one])) === []) {
                    $there[$name] = $of;
                }
            }
        }
        $there = array_replace(array_intersect_key($this->words, $there), $there); // in the order's order
        uasort($there, fn (array $a, array $b): int => count($b) <=> count($a) ?: strlen(implode($b)) <=> strlen(implode($a)));
        $alike = [];
        foreach ($there as $name => $of) {
            $alike[implode(' ', $of)][] = (string) $name;
        }
        foreach ($alike as $key => $names) {
            $of = explode(' ', (string) $key);
            $isNumber = preg_match('/^\d+$/', implode('', $of)) === 1;
            if ($isNumber) {
                continue;
            }
            $pattern = implode('[^\pL\pN]{1,3}', array_map(fn (string $word): string => preg_quote($word, '/'), $of));
            $words->take(
                "/(?<![\\pL\\pN])[\"“„'‘]?(?:the )?{$pattern}(?:\\.(?:jpe?g|tiff?|png|webp|heic|avif))?[\"”’']?(?![\\pL\\pN])/iu",
                function (array $m, int $at, int $length) use ($names, &$tokens): bool {
                    $ended = array_values(
                        array_filter($names, fn (string $name): bool => str_contains(mb_strtolower($m[0]), mb_strtolower($name))),
                    );
                    $tokens[] = self::token($ended ?: $names, $at, $length);

                    return true;
                },
            );
        }

        return $tokens;
    }

    /**
     * Numbers and ranges of numbers, “the last three”, “number 7”.
     *
     * @return list<Token>
     */
    public function numbered(Wording $words): array
    {
        $tokens = [];
        $called = '(?:(?:#|no\.|nr\.?|number|numbers|pictures?|photos?|images?|pics?|frames?|negs?|img|dsc)[\s_#]*)';
        $count = NumberWords::whole();
        $words->take(
            "/(?<![\\pL\\pN])(?:the )?(?<which>first|last)(?: (?<many>{$count}))?(?: (?:pictures?|photos?|images?|ones?|".
                'shots?))?(?![\\pL\\pN])/iu',
            function (array $m, int $at, int $length) use (&$tokens): bool {
                $many = ($m['many'] ?? '') === '' ? 1 : NumberWords::count($m['many']);
                if ($many === null || $many < 1 || $this->names === []) {
                    return false;
                }
                $names = mb_strtolower($m['which']) === 'last' ? array_slice($this->names, -$many) : array_slice($this->names, 0, $many);
                $tokens[] = new Token(
                    Kind::Pictures,
                    $at,
                    $length,
                    pictures: $names,
                    why: count($names) < $many ? 'There are only '.count($names).' pictures.' : null,
                );

                return true;
            },
        );
        $words->take(
            "/(?<![\\pL\\pN.,\\/])(?:from )?{$called}?(\\d{2,6})\\s*(?:-|–|—|to|through|until|up ".
                "to)\\s*{$called}?(\\d{1,6})(?![\\pL\\pN.\\/])/iu",
            function (array $m, int $at, int $length) use (&$tokens): bool {
                $from = (int) $m[1];
                $to = (int) (strlen($m[2]) < strlen($m[1]) ? substr($m[1], 0, strlen($m[1]) - strlen($m[2])).$m[2] : $m[2]);
                if (
                    $to < $from ||
                    $to - $from > self::MOST_OF_A_RANGE ||
                    (! isset($this->byNumber[$from]) && ! isset($this->byNumber[$to]) && strlen($m[1]) < 3)
                ) {
                    return false;
                }
                $names = [];
                $missing = [];
                foreach (range($from, $to) as $number) {
                    isset($this->byNumber[$number]) ? array_push($names, ...$this->byNumber[$number]) : ($missing[] = $number);
                }
                $tokens[] =
                    $names === []
                        ? new Token(Kind::Unknown, $at, $length, why: "No picture has a number from {$m[1]} to {$m[2]}.")
                        : new Token(
                            Kind::Pictures,
                            $at,
                            $length,
                            pictures: $names,
                            why: $missing === [] ? null : 'There is no picture '.implode(', ', array_slice($missing, 0, 6)).'.',
                        );

                return true;
            },
        );
        $words->take(
            "/(?<![\\pL\\pN.,\\/])(?<called>{$called})?(?<number>\\d{1,7})(?![\\pL\\pN\\/%]|[.,]\\d|\\s?(?:ppi|dpi|px|%))/iu",
            function (array $m, int $at, int $length) use (&$tokens): bool {
                $isCalled = ($m['called'] ?? '') !== '';
                $names = $this->byNumber[(int) $m['number']] ?? [];
                if (! $isCalled && strlen($m['number']) < 3) {
                    return false;
                }
                $tokens[] =
                    $names === []
                        ? new Token(
                            Kind::Unknown,
                            $at,
                            $length,
                            why: "No picture has the number {$m['number']}.",
                            offers: $this->nearest((int) $m['number']),
                        )
                        : self::token($names, $at, $length);

                return true;
            },
        );

        return $tokens;
    }

    /**
     * Parts of names in what is left.
     *
     * @return list<Token>
     */
    public function parts(Wording $words): array
    {
        $tokens = [];
        $run = [];
        $pieces = $words->left('/[\pL\pN’\']+|[^\s\pL\pN_-]+/u');
        foreach ([...$pieces, ['.', PHP_INT_MAX]] as [$word, $at]) {
            $plain = mb_strtolower($word);
            if (Polite::isWord($plain) && $plain !== 'and') {
                continue;
            }
            $isNext = $run === [] || ! $this->isCutOff($words, $run[count($run) - 1], $at);
            if (preg_match('/^[\pL\pN]/u', $word) === 1 && mb_strlen($word) >= self::SHORTEST_PART && $plain !== 'and' && $isNext) {
                $run[] = [$plain, $at, strlen($word)];

                continue;
            }
            $tokens = [...$tokens, ...$this->ofRun($run)];
            $run =
                preg_match('/^[\pL\pN]/u', $word) === 1 && mb_strlen($word) >= self::SHORTEST_PART && $plain !== 'and'
                    ? [[$plain, $at, strlen($word)]]
                    : [];
        }
        foreach ($tokens as $token) {
            $words->taken($token->at, $token->length);
        }

        return $tokens;
    }

    /**
     * Pictures whose names are written much like a word.
     *
     * @return list<Offer>
     */
    public function like(string $word): array
    {
        $word = mb_strtolower($word);
        if (strlen($word) < 4) {
            return [];
        }
        $near = [];
        foreach ($this->byWord as $other => $names) {
            $other = (string) $other;
            $far = strlen($other) < 4 || strlen($other) > 60 || strlen($word) > 60 ? 99 : levenshtein($word, $other);
            if ($far <= (strlen($word) < 7 ? 1 : 2)) {
                array_push($near, ...$names);
            }
        }

        return array_map(self::offer(...), array_slice(array_values(array_unique($near)), 0, 6));
    }

    /** @param  array{string, int, int}  $last */
    private function isCutOff(Wording $words, array $last, int $at): bool
    {
        $between = $words->between($last[1] + $last[2], min($at, strlen($words->text)));

        return $between === null || preg_match('/[,;.:!?()\/]/', $between) === 1;
    }

    /**
     * The longest parts of a row of words that pictures are called by.
     *
     * @param  list<array{string, int, int}>  $run
     * @return list<Token>
     */
    private function ofRun(array $run): array
    {
        $tokens = [];
        for ($from = 0; $from < count($run);) {
            $taken = 1;
            for ($many = min(5, count($run) - $from); $many >= 1; $many--) {
                $part = array_slice($run, $from, $many);
                $names = $this->having(array_column($part, 0));
                if ($names !== []) {
                    [$first, $last] = [$part[0], $part[$many - 1]];
                    $tokens[] = self::token($names, $first[1], $last[1] + $last[2] - $first[1]);
                    $taken = $many;
                    break;
                }
            }
            $from += $taken;
        }

        return $tokens;
    }

    /**
     * Pictures whose names have all these words, or begin a word with them.
     *
     * @param  list<string>  $words
     * @return list<string>
     */
    private function having(array $words): array
    {
        $names = null;
        foreach ($words as $word) {
            $has = $this->meant[$word] ??= $this->called($word);
            $names = $names === null ? $has : array_intersect($names, $has);
            if ($names === []) {
                return [];
            }
        }
        $names = array_values(array_unique($names ?? []));
        // One that has just these words is meant before one that has more.
        $whole = array_values(array_filter($names, fn (string $name): bool => count($this->words[$name]) === count($words)));

        return count($whole) === 1 ? $whole : $names;
    }

    /** @return list<string> */
    private function called(string $word): array
    {
        $names = [];
        foreach ($this->byWord as $of => $pictures) {
            if (self::isSame((string) $of, $word)) {
                array_push($names, ...$pictures);
            }
        }

        return $names;
    }

    /** “bowl” and “bowls”, “lighthouse’s” and “lighthouse”, “shore” and “shoreline”. */
    private static function isSame(string $of, string $word): bool
    {
        $word = (string) preg_replace('/[’\']s?$/u', '', $word);

        return $of === $word ||
            $of === "{$word}s" ||
            $word === "{$of}s" ||
            (strlen($word) >= self::SHORTEST_START && str_starts_with($of, $word) && ! ctype_digit($word));
    }

    /** @param  non-empty-list<string>  $names */
    private static function token(array $names, int $at, int $length): Token
    {
        return count($names) === 1
            ? new Token(Kind::Pictures, $at, $length, pictures: $names)
            : new Token(
                Kind::Pictures,
                $at,
                $length,
                pictures: [$names[0]],
                why: 'Several pictures may be meant.',
                offers: array_map(self::offer(...), array_slice($names, 0, 12)),
            );
    }

    private static function offer(string $name): Offer
    {
        return new Offer($name, $name, $name);
    }

    /** @return list<Offer> */
    private function nearest(int $number): array
    {
        $numbers = array_keys($this->byNumber);
        usort($numbers, fn (int $a, int $b): int => abs($a - $number) <=> abs($b - $number));

        return array_map(
            self::offer(...),
            array_slice(array_merge(...array_map(fn (int $n): array => $this->byNumber[$n], array_slice($numbers, 0, 3)), ...[[]]), 0, 4),
        );
    }
}
