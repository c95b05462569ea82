<?php

declare(strict_types=1);

namespace Planisher\Language\Words;

use Planisher\Language\Offer;

/** The names of an order's pictures by the words and numbers that stand in them. */
final class NameIndex
{
    private const MOST_OFFERS = 6;

    public const ROMAN = ['i' => 1, 'ii' => 2, 'iii' => 3, 'iv' => 4, 'v' => 5, 'vi' => 6, 'vii' => 7, 'viii' => 8, 'ix' => 9, 'x' => 10];

    /** Words that name nothing by themselves. */
    private const COMMON = [
        'the',
        'and',
        'of',
        'in',
        'on',
        'with',
        'a',
        'an',
        'one',
        'two',
        'three',
        'four',
        'five',
        'six',
        'seven',
        'eight',
        'nine',
        'ten',
        'first',
        'last',
        'print',
        'prints',
        'photo',
        'photos',
        'picture',
        'image',
        'canvas',
        'border',
        'matte',
        'matt',
        'gloss',
        'black',
        'white',
        'red',
        'blue',
        'size',
        'copy',
        'copies',
        'frame',
        'edge',
        'edges',
        'line',
        'panel',
        'panels',
        'large',
        'small',
        'big',
        'square',
        'sheet',
        'paper',
        'whole',
        'all',
        'each',
        'no',
        'not',
        'for',
        'me',
        'my',
        'to',
        'at',
        'by',
        'is',
        'it',
        'wide',
        'high',
        'bw',
        'scan',
        'day',
        'look',
        'order',
        'off',
        'point',
        'mount',
        'front',
        'view',
        'side',
        'top',
        'set',
        'we',
        'you',
        'us',
        'our',
        'old',
        'new',
        'out',
        'up',
        'bottom',
        'middle',
        'like',
        'said',
        'good',
        'other',
        'room',
        ...[
            'dark',
            'darker',
            'light',
            'lighter',
            'bright',
            'brighter',
            'warm',
            'warmer',
            'cool',
            'cooler',
            'cold',
            'soft',
            'softer',
            'sharp',
        ],
        ...['deep', 'thin', 'thick', 'high', 'low', 'long', 'short', 'plain', 'clean', 'fine', 'heavy', 'rich', 'clear', 'close', 'tight'],
        ...['natural', 'pale', 'faded', 'grey', 'gray', 'sepia', 'colour', 'color', 'glossy', 'satin', 'lustre', 'silk', 'velvet'],
    ];

    /** Names of which it pays to keep where each of them stands */
    private const MANY = 32;

    /** @var array<string, list<string>> the words of each picture's name, by picture */
    private array $words = [];

    /** @var array<string, list<string>> pictures by a word of their name, where they were asked for */
    private array $byWord = [];

    /** @var array<string, array<string, int>> how often a word stands in the names of pictures */
    private array $often = [];

    /** @var array<int, list<string>> pictures by the last number of their name */
    private array $byNumber = [];

    /** Whether pictures are known by their numbers alone, not by names */
    private bool $isNumbered = true;

    /** Whether no picture has a name beside its number */
    private bool $isAllNumbered = true;

    /** @var array<string, list<Offer>> names that were meant by a word, where they were looked for */
    private array $alike = [];

    /** @var array{list<string>, array<string, int>} names, and where each stands among them */
    private array $placed = [[], []];

    /** @var array<string, true> words that nearly every name has, beside its number */
    private array $usual = [];

    /** @param  list<string>  $names  of the order's pictures, in its order */
    public function __construct(private readonly array $names)
    {
        $lettered = []; // how many words of letters each name has
        foreach (self::split($names) as $at => $words) {
            $this->words[($name = $names[$at])] = $words;
            $letters = 0;
            $last = '';
            foreach ($words as $word) {
                if ($word[0] <= '9') {
                    $last = $word;
                    $plain = ltrim($word, '0') ?: '0';
                } else {
                    $letters++;
                    $plain = $word;
                }
                $this->often[$plain][$name] = ($this->often[$plain][$name] ?? 0) + 1;
            }
            $lettered[$name] = $letters;
            if ($last !== '' && strlen($last) < 10) {
                $this->byNumber[(int) $last][] = $name;
            }
        }
        foreach ($this->often as $word => $of) {
            $isShort = ! ctype_digit((string) $word) && strlen((string) $word) <= 4;
            if ($isShort && count($of) > 3 && max(array_intersect_key($lettered, $of)) === 1) {
                $this->usual[$word] = true;
            }
        }
        $this->knowNumbers();
    }

    /**
     * The words of many names: plain ones in one go, for an order may have thousands.
     *
     * @param  list<string>  $names
     * @return list<list<string>>
     */
    private static function split(array $names): array
    {
        $all = implode("\n", $names);
        if (! mb_check_encoding($all, 'ASCII') || substr_count($all, "\n") + 1 !== count($names)) {
            return array_map(self::wordsOf(...), $names);
        }
        preg_match_all('/[a-z]+|\d+|\n/', strtolower((string) preg_replace('/\.[^.\n]*$/m', '', $all)), $found);
        $split = [[]];
        $at = 0;
        foreach ($found[0] as $word) {
            $word === "\n" ? ($split[++$at] = []) : ($split[$at][] = $word);
        }

        return array_values($split);
    }

    /** @return list<string> words and numbers of a picture's name, in small letters */
    private static function wordsOf(string $name): array
    {
        $stem = pathinfo($name, PATHINFO_FILENAME);
        mb_check_encoding($stem, 'ASCII')
            ? preg_match_all('/[a-z]+|\d+/', strtolower($stem), $found)
            : preg_match_all('/\p{L}[\p{L}\p{M}]*|\p{Nd}+/u', mb_strtolower($stem), $found);

        return $found[0];
    }

    /** Whether most pictures have names beside their numbers. */
    private function knowNumbers(): void
    {
        $bare = 0;
        foreach ($this->words as $words) {
            foreach ($words as $word) {
                if ($word[0] > '9' && ! isset($this->usual[$word]) && ! isset(self::ROMAN[$word])) {
                    continue 2;
                }
            }
            $bare++;
        }
        $this->isNumbered = $bare * 3 > count($this->names);
        $this->isAllNumbered = $bare === count($this->names);
    }

    /** Whether no picture has a name beside its number: “IMG_0412”. */
    public function areAllNumbered(): bool
    {
        return $this->isAllNumbered;
    }

    /** @return list<string> */
    public function all(): array
    {
        return $this->names;
    }

    public function isNumber(int $number): bool
    {
        return isset($this->byNumber[$number]);
    }

    /** @return list<string> */
    public function numbered(int $number): array
    {
        return $this->byNumber[$number] ?? [];
    }

    public function isWord(string $word): bool
    {
        return $word !== 'i' && isset($this->often[self::plain($word)]) && ! self::isCommon($word);
    }

    /**
     * @param  list<string>  $used
     * @return list<int> the numbers in a name that weren't said before
     */
    public function numbersOf(string $name, array $used): array
    {
        $numbers = array_values(
            array_filter($this->words[$name], fn (string $word): bool => ctype_digit($word) || isset(self::ROMAN[$word])),
        );
        $last = end($numbers);

        return $last === false ? [] : [self::ROMAN[$last] ?? (int) $last];
    }

    /**
     * Of some pictures, those whose names have a word that wasn't said yet.
     *
     * @param  list<string>  $names
     * @param  list<string>  $used
     * @return list<string>
     */
    public function narrowed(array $names, string $word, array $used): array
    {
        $plain = self::plain($word);
        $forms = [$plain, self::plain(self::singular($word))];
        $isNumber = ctype_digit($plain);
        if (! $isNumber && ! isset($this->often[$forms[0]]) && ! isset($this->often[$forms[1]])) {
            return [];
        }
        if (ctype_digit($word) && $word[0] !== '0') {
            // “Act 2” is 2 and not 02, where there are both.
            $places = $this->places($names);
            $isExact = fn (string $name): bool => isset($places[$name]) && in_array($word, $this->words[$name], true);
            $exact = array_values(array_filter($this->having($plain), $isExact));
            if ($exact !== [] && count($exact) < count($names) && ! in_array($plain, $used, true)) {
                return $exact;
            }
        }

        $isNumber && ($forms = [...$forms, ...array_keys(self::ROMAN, (int) $plain, true)]);
        $usedOften = array_count_values($used);
        $found = [];
        foreach (array_unique($forms) as $form) {
            $often = $this->often[$form] ?? [];
            count($often) > count($names) && ($often = array_intersect_key($often, $this->places($names)));
            foreach ($often as $name => $many) {
                $many > ($usedOften[$form] ?? 0) && ($found[$name] = true);
            }
        }

        $all = $found === [] ? [] : $this->places($names);
        $places = [];
        foreach ($found as $name => $_) {
            isset($all[$name]) && ($places[$name] = $all[$name]);
        }
        asort($places);

        return array_map(strval(...), array_keys($places));
    }

    /**
     * @param  list<string>  $names
     * @return array<string, int> where each of them stands; kept for the last ones, since a list asks for the same again and again
     */
    private function places(array $names): array
    {
        if (count($names) < self::MANY) {
            return array_flip($names);
        }
        if ($this->placed[0] !== $names) {
            $this->placed = [$names, array_flip($names)];
        }

        return $this->placed[1];
    }

    /** Whether two words stand the other way round in a name: “tier lemon”. */
    public function isTurned(string $name, string $first, string $second): bool
    {
        $words = array_map(self::plain(...), $this->words[$name]);
        [$one, $other] = [array_search(self::plain($first), $words, true), array_search(self::plain($second), $words, true)];

        return $one !== false && $other !== false && $other < $one && ! ctype_digit($second);
    }

    /** @return list<string> */
    public function of(string $word): array
    {
        return $this->having(self::plain($this->wordOf($word)));
    }

    /** @return list<string> pictures whose names have that word */
    public function having(string $plain): array
    {
        return $this->byWord[$plain] ??= array_map(strval(...), array_keys($this->often[$plain] ?? []));
    }

    /** The word of a name that is meant: “dune” for “dunes-dusk”, and the other way round. */
    public function wordOf(string $word): string
    {
        if (isset($this->often[self::plain($word)])) {
            return $word;
        }

        return strlen($word) > 3 && isset($this->often[self::plain("{$word}s")]) ? "{$word}s" : self::singular($word);
    }

    /** @return list<string> pictures whose number ends in that one */
    public function endingIn(int $number): array
    {
        $ends = array_filter(array_keys($this->byNumber), fn (int $of): bool => $of > 99 && $of % 100 === $number);

        return count($ends) === 1 ? $this->byNumber[reset($ends)] : [];
    }

    /**
     * Names that a word may have been meant for, where it isn't one.
     *
     * @return list<Offer>
     */
    public function like(string $word): array
    {
        return $this->alike[$word] ??= $this->near($word);
    }

    /** @return list<Offer> */
    private function near(string $word): array
    {
        $near = [];
        foreach (strlen($word) < 4 ? [] : array_keys($this->often) as $of) {
            $of = (string) $of;
            if (abs(strlen($of) - strlen($word)) <= 2 && ! ctype_digit($of)) {
                $far = Spelling::distance($word, $of);
                if ($far <= (strlen($word) > 6 ? 2 : 1)) {
                    $near = [...$near, ...$this->having($of)];
                }
            }
        }

        return $this->offers(array_values(array_unique($near)));
    }

    /**
     * @param  list<string>  $names
     * @return list<Offer>
     */
    public function offers(array $names): array
    {
        return array_map(
            fn (string $name): Offer => new Offer($name, $name, $name),
            array_slice(array_values(array_unique($names)), 0, self::MOST_OFFERS),
        );
    }

    public static function isCommon(string $word): bool
    {
        static $all = null;
        $all ??= array_fill_keys(self::COMMON, true);

        return isset($all[$word]);
    }

    public static function plain(string $word): string
    {
        if (ctype_digit($word)) {
            return ltrim($word, '0') ?: '0';
        }
        $word = str_ends_with($word, "'s") ? substr($word, 0, -2) : $word;

        return $word;
    }

    public static function singular(string $word): string
    {
        $word = str_ends_with($word, "'s") ? substr($word, 0, -2) : $word;

        return match (true) {
            strlen($word) > 4 && str_ends_with($word, 'ies') => substr($word, 0, -3).'y',
            strlen($word) > 4 && preg_match('/(?:s|x|ch|sh)es$/', $word) === 1 => substr($word, 0, -2),
            strlen($word) > 3 && str_ends_with($word, 's') => substr($word, 0, -1),
            default => $word,
        };
    }

    /** Whether most pictures have no name beside their number. */
    public function areMostNumbered(): bool
    {
        return $this->isNumbered;
    }

    /** Whether nearly every name has that word, beside its number. */
    public function isUsual(string $word): bool
    {
        return isset($this->usual[$word]);
    }

    /** Whether a name has that word, as plain() gives it. */
    public function has(string $plain): bool
    {
        return isset($this->often[$plain]);
    }

    /** @return list<string> the words of a picture's name, in small letters */
    public function in(string $name): array
    {
        return $this->words[$name];
    }
}
