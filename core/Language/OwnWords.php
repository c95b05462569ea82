<?php

declare(strict_types=1);

namespace Planisher\Language;

/**
 * What a studio's own words mean: “wallets” are 2.5 × 3.5 in, “lovely” is nothing. A text is read with the meaning in their stead, and
 * every place in it leads back to what was written. Their meaning is read once: own words in it are no own words.
 */
final readonly class OwnWords
{
    public const LONGEST = 40;

    public const LONGEST_MEANING = 120;

    /** A pattern for all of them, the longest first; null where there are none. */
    private ?string $pattern;

    /** @var array<string, string> what they mean, by the words in small letters; nothing for what is never minded */
    private array $means;

    /** @param  array<string, string>  $means  by the words */
    public function __construct(array $means = [])
    {
        $words = array_map(fn (int|string $of): string => mb_strtolower((string) $of), array_keys($means));
        $this->means = array_combine($words, array_values($means));
        usort($words, fn (string $one, string $other): int => mb_strlen($other) <=> mb_strlen($one));
        $any = implode('|', array_map(fn (string $of): string => str_replace(' ', '\s+', preg_quote($of, '/')), $words));
        $this->pattern = $words === [] ? null : "/(?<![\\p{L}\\p{N}])(?:{$any})(?![\\p{L}\\p{N}])/iu";
    }

    public function isEmpty(): bool
    {
        return $this->pattern === null;
    }

    /**
     * A text with the meaning of own words in their stead.
     *
     * @param  \Closure(string): bool  $isOther  whether a word is something else here: of a picture's name
     */
    public function meant(string $text, \Closure $isOther): MeantText
    {
        $meant = new MeantText($text);
        if ($this->pattern === null || preg_match_all($this->pattern, $text, $found, PREG_OFFSET_CAPTURE) < 1) {
            return $meant;
        }
        foreach ($found[0] as [$said, $at]) {
            $words = (string) preg_replace('/\s+/u', ' ', mb_strtolower($said));
            $isOther($words) || $meant->replace($at, strlen($said), $this->means[$words] ?? $said);
        }

        return $meant;
    }
}
