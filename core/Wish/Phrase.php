<?php

declare(strict_types=1);

namespace Planisher\Wish;

/**
 * A way to say something of a line. Its words are a pattern in which {length}, {distance}, {number}, {count}, {percent}, {colour}
 * and {text} stand for what is different each time; {length:top} names it.
 */
final readonly class Phrase
{
    /** In a change: how many prints share a sheet, 0 for all that are spoken of. */
    public const GATHER = 'gather';

    /** A pattern of units that lengths on paper are said in. */
    public const UNIT = '(?:inches|inch|ins?(?!\pL)\.?|cms?(?!\pL)|centimet(?:er|re)s?|mms?(?!\pL)|millimet(?:er|re)s?|"|″|”|\'\')';

    /** Words that stand everywhere and endings, passed over when looking for what a phrase can't do without. */
    private const EVERYWHERE = [
        ...[
            'in',
            'on',
            'of',
            'at',
            'to',
            'it',
            'is',
            'an',
            'by',
            'as',
            'be',
            'up',
            'no',
            'not',
            'or',
            'and',
            'the',
            'for',
            'our',
            'its',
            'all',
        ],
        ...['with', 'without', 'this', 'that', 'them', 'they', 'are', 'print', 'printed', 'inch', 'inches'],
        ...['ed', 'ing', 'es', 'er', 'ers', 're', 'te', 'ped', 'ping', 'ted', 'ting', 'med', 'ming', 'red', 'ered'],
    ];

    public string $pattern;

    /** A pattern of which something is in every text that the phrase is in; quicker told than the phrase. */
    public string $hint;

    /** @param  \Closure(Heard, Known): (array<string, mixed>|Unsure|null)  $means  null where it doesn't mean that */
    private function __construct(string $words, public \Closure $means, ?string $hint = null)
    {
        $this->pattern = self::pattern($words);
        $this->hint = $hint === null ? self::hint($words) : "/{$hint}/i";
    }

    /**
     * What always means the same.
     *
     * @param  array<string, mixed>  $change  a merge patch of the line
     */
    public static function of(string $words, array $change): self
    {
        return new self($words, fn (): array => $change);
    }

    /**
     * @param  \Closure(Heard, Known): (array<string, mixed>|Unsure|null)  $means
     * @param  ?string  $hint  what it can't do without, where that is a word that stands everywhere
     */
    public static function with(string $words, \Closure $means, ?string $hint = null): self
    {
        return new self($words, $means, $hint);
    }

    private static function hint(string $words): string
    {
        // Groups' names, placeholders and character classes are no words; a letter that may be left out is not needed.
        $plain = (string) preg_replace(
            ['/\(\?<\w+>/', '/\{[^}]*\}/', '/\[[^\]]*\][?*+]?/', '/\\\\\w/', '/\pL\?/u'],
            [' ', ' ', ' ', ' ', ' '],
            $words,
        );
        preg_match_all('/[a-z]{2,}/i', $plain, $found);
        $needed = array_values(array_unique(array_diff(array_map(mb_strtolower(...), $found[0]), self::EVERYWHERE)));

        return $needed === [] ? '//' : '/'.implode('|', $needed).'/i';
    }

    private static function pattern(string $words): string
    {
        $words = str_replace(['[ -]?', '[- ]?', '[ -]', '[- ]', ' ?', ' '], ['[\s-]*', '[\s-]*', '[\s-]+', '[\s-]+', '\s*', '\s+'], $words);
        $filled = (string) preg_replace_callback(
            '/\{(length|distance|number|count|percent|colour|text)(?::(\w+))?\}/',
            function (array $m): string {
                $name = $m[2] ?? $m[1];

                return "(?<{$name}>".
                    match ($m[1]) {
                        'length' => NumberWords::any().'[\s-]*'.self::UNIT,
                        'distance' => NumberWords::any().'\s*(?:'.self::UNIT.'|m|met(?:re|er)s?|ft|feet|foot|′)',
                        'number' => '\d+(?:[.,]\d+)?',
                        'count' => NumberWords::whole(),
                        'percent' => '\d+(?:[.,]\d+)?(?=\s*(?:%|per\s?cent))',
                        'colour' => ColourWords::pattern(),
                        default => '["“„‘\'][^"”‘’]+["”’\'“]|[^,;.\n"“”]+',
                    }.
                    ')';
            },
            $words,
        );
        // Per cent signs stand behind their number, wherever a phrase has one.
        $filled = str_replace('{%}', '\s*(?:%|per\s?cent)', $filled);

        return "/(?<![\\pL\\pN])(?:{$filled})(?![\\pL\\pN])/iu";
    }
}
