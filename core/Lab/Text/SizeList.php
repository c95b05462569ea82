<?php

declare(strict_types=1);

namespace Planisher\Lab\Text;

use Planisher\Measure\MeasureError;
use Planisher\Measure\Size;
use Planisher\Measure\Unit;

/**
 * A list of sizes in any writing: `8x10, 8 by 12, 20×30 cm, A4`, `20,3 x 30,5 cm`, `8 in square`. What has no unit takes the one
 * that is said for all of them (“sizes in cm: …”, or once behind the last), else the studio's.
 */
final readonly class SizeList
{
    private const NUMBER = '(?:\d+[ -])?\d+\s*\/\s*\d+|\d*\s?[½¼¾⅓⅔⅛⅜⅝⅞]|\d+(?:[.,]\d+)?|[.,]\d+';

    private const UNIT = '(?:inches|inch|in\b|cm\b|mm\b|centimet(?:er|re)s?|millimet(?:er|re)s?|"|″|”|\'\')';

    private const BY = '\s*(?:x|×|\*|\bby\b)\s*';

    private const NAMED = '(?<![\w.])(?<name>[AB][0-8])(?!\w|\s*\/)';

    /** Words round sizes that say nothing themselves. */
    private const NOISE =
        '/^(?:and|or|also|sizes?|prints?|in|of|up to|to|as|all|for|the|from|we|offer|print|paper|cm|mm|inch|'.
        'inches|available|our|these|following)$/iu';

    /**
     * @param  list<Size>  $sizes  each once
     * @param  list<Size>  $twice  those that were there again
     * @param  list<string>  $rest  what is no size
     */
    private function __construct(public array $sizes, public array $twice, public array $rest) {}

    public static function read(string $text, Unit $bare = Unit::Inch): self
    {
        $text = (string) preg_replace('/[\x{00A0}\x{2009}\x{202F}\t ]+/u', ' ', $text);
        $bare = self::unitOfAll($text) ?? $bare;
        [$sizes, $twice, $rest] = [[], [], $text];
        foreach (self::found($text) as $words) {
            try {
                $size = self::size($words, $bare);
            } catch (MeasureError) {
                continue;
            }
            $rest = self::without($rest, $words);
            $held = array_filter($sizes, fn (Size $other): bool => $other->sameAs($size));
            $held === [] ? ($sizes[] = $size) : ($twice[] = $size);
        }

        return new self($sizes, $twice, self::words($rest));
    }

    /** “8 × 10 in, 20 × 30 cm”, as one would type it again. */
    public static function write(Size ...$sizes): string
    {
        return implode(', ', array_map(fn (Size $size): string => str_replace(' x ', ' × ', (string) $size), $sizes));
    }

    /** @return list<string> everything that is written like a size, in its order */
    public static function found(string $text): array
    {
        [$number, $unit, $by] = [self::NUMBER, self::UNIT, self::BY];
        // A comma belongs to the number unless another side follows: “8x10,11x14” is two sizes.
        $pattern =
            "/(?<![\w.])(?:{$number})\s*{$unit}?{$by}(?:{$number})(?![\d\/½¼¾])(?!\s*{$unit}?\s*(?:x|×|\*)\s*\d)(?:\s*{$unit})?".
            "|(?:{$number})\s*{$unit}?\s*square(?:\s*{$unit})?|".
            self::NAMED.
            '/iu';

        return preg_match_all($pattern, $text, $m) > 0 ? array_map(trim(...), $m[0]) : [];
    }

    /** @throws MeasureError when it is none */
    public static function size(string $words, Unit $bare): Size
    {
        if (preg_match('/^(.*?)\s*square\s*(.*)$/iu', $words, $m)) {
            $side = trim("{$m[1]} {$m[2]}");

            return Size::parse("{$side} x {$side}", $bare);
        }

        return Size::parse(self::spelled($words), $bare);
    }

    /** The unit said once for all: in front (“in cm:”), or behind the last size and nowhere else. */
    private static function unitOfAll(string $text): ?Unit
    {
        if (preg_match('/(?:\bin|\(|sizes?)\s*(cm|mm|inches|centimet(?:er|re)s)\s*\)?\s*:/iu', $text, $m)) {
            return Unit::spelled($m[1]);
        }
        $found = self::found($text);
        $united = array_filter($found, fn (string $words): bool => preg_match('/'.self::UNIT.'/iu', $words) === 1);
        $isLast = count($found) > 1 && array_keys($united) === [count($found) - 1];

        return $isLast && preg_match('/('.self::UNIT.')\s*$/iu', (string) end($found), $m) ? Unit::spelled($m[1]) : null;
    }

    /** “11 1 / 2” as the measure reads it. */
    private static function spelled(string $words): string
    {
        return (string) preg_replace(['/\s*\/\s*/', '/(\d)([½¼¾⅓⅔⅛⅜⅝⅞])/u'], ['/', '$1 $2'], $words);
    }

    private static function without(string $text, string $words): string
    {
        $at = strpos($text, $words);

        return $at === false ? $text : substr_replace($text, ',', $at, strlen($words));
    }

    /** @return list<string> */
    private static function words(string $rest): array
    {
        $parts = preg_split('/[,;:()\n\r·•|.&]+|\s[-–]\s|\s+(?:and|or)\s+/u', $rest) ?: [];
        $said = array_map(
            fn (string $part): string => implode(
                ' ',
                array_filter(
                    explode(' ', Edges::off($part, '-–—*')),
                    fn (string $word): bool => $word !== '' && preg_match(self::NOISE, $word) !== 1,
                ),
            ),
            $parts,
        );

        return array_values(array_unique(array_filter($said, fn (string $part): bool => $part !== '')));
    }
}
