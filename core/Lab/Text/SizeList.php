<?php

declare(strict_types=1);

namespace Planisher\Lab\Text;

use Planisher\Measure\MeasureError;
use Planisher\Measure\Size;
use Planisher\Measure\Unit;
use Planisher\Written\Lexer;
use Planisher\Written\WrittenSizes;
use Planisher\Written\WrittenWords;

/**
 * A list of sizes in any writing: `8x10, 8 by 12, 20×30 cm, A4`, `20,3 x 30,5 cm`, `8 in square`. What has no unit takes the one
 * that is said for all of them (“sizes in cm: …”, or once behind the last), else the studio's.
 */
final readonly class SizeList
{
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
        foreach (self::written($text, $bare) as [$words, $typed]) {
            try {
                $size = Size::parse($typed, $bare);
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
        return array_map(fn (array $one): string => $one[0], self::written($text, Unit::Inch));
    }

    /** @throws MeasureError when it is none */
    public static function size(string $words, Unit $bare): Size
    {
        return Size::parse(self::written($words, $bare)[0][1] ?? $words, $bare);
    }

    /**
     * What is written like a size, and as what it is read: the longest of what it may be, and three sides are none.
     *
     * @return list<array{string, string}> as it stands there, and as Size::parse reads it
     */
    private static function written(string $text, Unit $usual): array
    {
        $words = new WrittenWords(Lexer::words($text));
        $found = [];
        for ($i = 0; $i < count($words->words); $i = $end) {
            $end = $i + 1;
            $isInside = $words->words[$i]->isGlued && $words->at($i - 1)?->isSign() === false;
            $longest = null;
            foreach ($isInside ? [] : WrittenSizes::at($words, $i, $usual) as $size) {
                if (! $size->isOfThree && ($longest === null || $size->end > $longest->end)) {
                    $longest = $size;
                }
            }
            if ($longest !== null) {
                $end = $longest->end;
                $at = $words->words[$i]->at;
                $found[] = [substr($text, $at, $words->words[$end - 1]->end() - $at), $longest->typed];
            }
        }

        return $found;
    }

    /** The unit said once for all: in front (“in cm:”), or behind the last size and nowhere else. */
    private static function unitOfAll(string $text): ?Unit
    {
        if (preg_match('/(?:\bin|\(|sizes?)\s*(cm|mm|inches|centimet(?:er|re)s)\s*\)?\s*:/iu', $text, $m)) {
            return Unit::spelled($m[1]);
        }
        $found = self::written($text, Unit::Inch);
        $units = array_map(fn (array $one): ?string => preg_match('/[a-z]{2,}$/', $one[1], $m) === 1 ? $m[0] : null, $found);
        $isLast = count($found) > 1 && array_keys(array_filter($units)) === [count($found) - 1];

        return $isLast ? Unit::spelled((string) end($units)) : null;
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
