<?php

declare(strict_types=1);

namespace Planisher\Wish;

use Planisher\Phrase\Words;

/** Numbers as they are written or spoken: “12”, “twelve”, “a dozen”, “1/4”, “1 1/2”, “½”, “half”, “one and a half”. */
final class NumberWords
{
    private const VULGAR = '½¼¾⅓⅔⅛⅜⅝⅞';

    private const FIGURES = '\d+[ -]\d+\/\d+|\d+\/\d+|\d*\s?['.self::VULGAR.']|\d+(?:[.,]\d+)?|[.,]\d+';

    private const TENS = ['thirty' => 30, 'forty' => 40, 'fifty' => 50, 'sixty' => 60, 'eighty' => 80, 'hundred' => 100];

    private const SETS = [
        'half a dozen' => 6,
        'two dozen' => 24,
        'three dozen' => 36,
        'a dozen' => 12,
        'dozen' => 12,
        'a pair' => 2,
        'pair' => 2,
        'a couple' => 2,
        'couple' => 2,
        'a single' => 1,
        'single' => 1,
        'both' => 2,
    ];

    private const PARTS = [
        'three quarters of an' => '3/4',
        'three quarters' => '3/4',
        'a quarter of an' => '1/4',
        'quarter of an' => '1/4',
        'a quarter' => '1/4',
        'quarter' => '1/4',
        'half of an' => '1/2',
        'half an' => '1/2',
        'half a' => '1/2',
        'half' => '1/2',
        'an' => '1',
        'a' => '1',
    ];

    /** A pattern of whole numbers. */
    public static function whole(): string
    {
        static $pattern = null;

        return $pattern ??= '(?:'.str_replace(' ', '\s+', implode('|', [...array_keys(self::SETS), '\d{1,6}', ...self::names()])).')';
    }

    /** A pattern of numbers in figures, that may have parts. */
    public static function figures(): string
    {
        return '(?:'.self::FIGURES.')';
    }

    /** A pattern of numbers that may have parts. */
    public static function any(): string
    {
        static $pattern = null;
        $figures = self::FIGURES;
        $parts = str_replace(' ', '[\s-]+', implode('|', array_keys(self::PARTS)));

        return $pattern ??= "(?:(?:{$figures}|{$parts}|".implode('|', self::names()).')(?:\s+and a (?:half|quarter))?)';
    }

    /** The whole number that words say, or null. */
    public static function count(string $words): ?int
    {
        $words = self::plain($words);
        $names = array_flip(array_map(Words::number(...), array_combine(range(1, Words::MOST), range(1, Words::MOST))));

        return match (true) {
            preg_match('/^\d{1,6}$/', $words) === 1 => (int) $words,
            in_array($words, ['zero', 'no', 'none'], true) => 0,
            default => self::SETS[$words] ?? ($names[$words] ?? (self::TENS[$words] ?? null)),
        };
    }

    /** A number as a length reads it: “half an” is 1/2, “one and a half” 1 1/2. */
    public static function typed(string $words): string
    {
        $words = self::plain($words);
        if (preg_match('/^(.*?) and a (half|quarter)$/', $words, $m) === 1) {
            return self::typed($m[1]).' '.($m[2] === 'half' ? '1/2' : '1/4');
        }
        $spelled = self::PARTS[str_replace('-', ' ', $words)] ?? null;

        return $spelled ?? (preg_match('/\d|['.self::VULGAR.']/u', $words) === 1 ? $words : (string) (self::count($words) ?? $words));
    }

    /** @return non-empty-list<string> long ones first, that “sixteen” isn't read as “six” */
    private static function names(): array
    {
        $names = ['zero', ...array_keys(self::TENS), ...array_map(Words::number(...), range(1, Words::MOST))];
        usort($names, fn (string $a, string $b): int => strlen($b) <=> strlen($a));

        return $names;
    }

    private static function plain(string $words): string
    {
        return mb_strtolower(trim((string) preg_replace('/\s+/u', ' ', $words)));
    }
}
