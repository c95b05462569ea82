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

    private const UNIT = '(?:inches|inch|ins?(?!\pL)\.?|cms?|centimet(?:er|re)s?|mms?|millimet(?:er|re)s?|"|″|”|\'\')';

    public string $pattern;

    /** @param  \Closure(Heard, Known): (array<string, mixed>|Unsure|null)  $means  null where it doesn't mean that */
    private function __construct(string $words, public \Closure $means)
    {
        $this->pattern = self::pattern($words);
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

    /** @param  \Closure(Heard, Known): (array<string, mixed>|Unsure|null)  $means */
    public static function with(string $words, \Closure $means): self
    {
        return new self($words, $means);
    }

    private static function pattern(string $words): string
    {
        $words = str_replace(' ', '\s+', $words);
        $filled = (string) preg_replace_callback(
            '/\{(length|distance|number|count|percent|colour|text)(?::(\w+))?\}/',
            function (array $m): string {
                $name = $m[2] ?? $m[1];

                return "(?<{$name}>".match ($m[1]) {
                    'length' => NumberWords::any().'[\s-]*'.self::UNIT,
                    'distance' => NumberWords::any().'\s*(?:'.self::UNIT.'|m|met(?:re|er)s?|ft|feet|foot|′)',
                    'number' => '\d+(?:[.,]\d+)?',
                    'count' => NumberWords::whole(),
                    'percent' => '\d+(?:[.,]\d+)?(?=\s*(?:%|per\s?cent))',
                    'colour' => ColourWords::pattern(),
                    default => '["“„‘\'][^"”‘’]+["”’\'“]|[^,;.\n"“”]+',
                }.')';
            },
            $words,
        );
        // Per cent signs stand behind their number, wherever a phrase has one.
        $filled = str_replace('{%}', '\s*(?:%|per\s?cent)', $filled);

        return "/(?<![\\pL\\pN])(?:{$filled})(?![\\pL\\pN])/iu";
    }
}
