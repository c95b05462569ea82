<?php

declare(strict_types=1);

namespace Planisher\Written;

use Planisher\Measure\Unit;

/**
 * Sizes in any writing: “8x10”, “8 by 10”, “20×30 cm”, “A4”, “5" x 7"”, “eight by ten”, “12 in square”, “6R”. The one place where sizes
 * are read, in a client's words and on a lab's card.
 */
final class WrittenSizes
{
    private const BY = ['x', 'by', '*', 'times'];

    private const LEAST_SQUARE = 5;

    /** A canvas is at most such a part of its side deep (common practice, no source). */
    private const DEEPEST_PART = 6;

    /** Print sizes that labs name by their shorter side in inches (common practice, no source). */
    private const ROLLS = ['3r' => '3.5 x 5 in', '4r' => '4 x 6 in', '5r' => '5 x 7 in', '6r' => '6 x 8 in', '8r' => '8 x 10 in'];

    /** @return list<WrittenSize> all that may be one at that place */
    public static function at(WrittenWords $said, int $i, Unit $usual): array
    {
        return [...self::named($said, $i), ...self::sided($said, $i, $usual), ...self::square($said, $i, $usual)];
    }

    /** @return list<WrittenSize> */
    private static function named(WrittenWords $said, int $i): array
    {
        $text = $said->text($i);
        $next = $said->at($i + 1);
        if ($text === 'din' && in_array($said->text($i + 1), ['a', 'b'], true)) {
            return self::named($said, $i + 1);
        }
        if (
            in_array($text, ['a', 'b'], true) &&
            $next?->isDigits() &&
            $next->isGlued &&
            strlen($next->text) === 1 &&
            ! ($said->at($i)?->isGlued && $said->at($i - 1)?->isLetters())
        ) {
            return [new WrittenSize(strtoupper($text).$next->text, self::plural($said, $i + 2), isNamed: true)];
        }
        $isRoll = $said->at($i)?->isDigits() && $next?->is('r') && $next->isGlued && isset(self::ROLLS["{$text}r"]);

        return $isRoll ? [new WrittenSize(self::ROLLS["{$text}r"], $i + 2, isNamed: true)] : [];
    }

    /** @return list<WrittenSize> */
    private static function sided(WrittenWords $said, int $i, Unit $usual): array
    {
        $found = [];
        if (($said->at($i)->isGlued ?? false) && in_array($said->text($i - 1), ['a', 'b'], true)) {
            return []; // “A5 x 2” is two of A5
        }
        foreach (self::sides($said, $i, $usual) as [$width, $unit, $j, , $wide, $comma]) {
            $by = $said->text($j);
            $isTo = $by === 'to' && $usual !== Unit::Inch;
            if (! in_array($by, self::BY, true) && ! $isTo) {
                continue;
            }
            foreach (self::sides($said, $j + 1, $usual) as [$height, $other, $end, $cost, $high, $also]) {
                $isTimes = $by === '*' && $said->at($i - 1)?->is('x') && $said->at($i - 2)?->isDigits(); // “5 x 7 * 5”
                if ($isTimes || self::isDeep($said, $i, $wide, $high)) {
                    continue;
                }
                // “8 x 10 x 2”: two of the one, or eight of the other? The lab's own size is likelier.
                $isOfThree = self::isSide($said, $i - 2, $i - 1, $i) || self::isSide($said, $end + 1, $end, $end + 1);
                $isUneven = ($said->at($j)->isGlued ?? false) !== ($said->at($j + 1)->isGlued ?? false) && $by === 'x';
                $found[] = new WrittenSize(
                    self::typed($width, $unit ?? $other).' x '.self::typed($height, $other ?? $unit),
                    self::plural($said, $end),
                    $cost +
                        ($isTo ? 0.6 : 0) +
                        ($by === 'times' ? 0.8 : 0) +
                        ($isUneven ? 0.3 : 0) +
                        ($other === null && $unit === null ? 0.1 : 0),
                    min($wide, $high),
                    isOfThree: $isOfThree,
                    isMixed: $by !== 'x' && self::isSide($said, $end + 1, $end, $end + 1),
                    hasComma: ($comma || $also) && $usual === Unit::Inch && $unit === null && $other === null,
                );
            }
        }

        return $found;
    }

    /** @return list<WrittenSize> “12 in square” */
    private static function square(WrittenWords $said, int $i, Unit $usual): array
    {
        $found = [];
        foreach (self::sides($said, $i, $usual) as [$side, $unit, $end, , $value]) {
            // “2 square prints” are two, “12 square” is a size
            if ($said->text($end) === 'square' && ($unit !== null || $value >= self::LEAST_SQUARE)) {
                $typed = self::typed($side, $unit);
                $found[] = new WrittenSize("{$typed} x {$typed}", $end + 1, $unit === null ? 0.3 : 0.0, $value);
            }
        }

        return $found;
    }

    /** Whether a number stands at a place, and a sign between it and a size. */
    private static function isSide(WrittenWords $said, int $number, int $by, int $behind): bool
    {
        $isEven = $said->at($by)?->isGlued === $said->at($behind)?->isGlued;

        return $isEven && $said->at($number)?->isDigits() && $said->at($by)?->is('x', '*');
    }

    /** Whether a third figure is how deep something is, and no side of it: a small part of the side, in the same unit. */
    public static function isDepth(float $depth, float $side): bool
    {
        return $depth * self::DEEPEST_PART <= $side;
    }

    /** “20x30x1.5”: the last is no side but a depth, where it is a small part of the one before it. */
    private static function isDeep(WrittenWords $said, int $i, float $side, float $depth): bool
    {
        $by = $said->at($i - 1);
        $isThird = $by?->is(...self::BY) && $said->at($i - 2)?->isDigits() && $by->isGlued === $said->at($i)?->isGlued;

        return $isThird && self::isDepth($depth, $side);
    }

    /**
     * What one side may be.
     *
     * @return list<array{string, ?string, int, float, float, bool}> its number, its unit, the place behind it, what it costs, its value,
     *                                                              and whether a comma stands in it
     */
    private static function sides(WrittenWords $said, int $i, Unit $usual): array
    {
        $found = [];
        foreach ($said->numbersAt($i) as $number) {
            if ($number->isPadded || $number->isSet || $number->value <= 0 || $number->value > 10000) {
                continue;
            }
            if ($said->at($number->end)?->is('.') && $said->at($number->end)->isGlued && self::isGluedDigit($said, $number->end + 1)) {
                continue; // “2x3” of “2x3.5x5”
            }
            $unit = $said->unitAt($number->end);
            if ($number->isThousands && ($unit[0] ?? null) !== 'mm') {
                continue; // thousands, or a decimal? Of millimetres it is plain.
            }
            $cost = $number->hasComma && $usual === Unit::Inch ? 0.8 : 0.0;
            if ($unit !== null && $unit[0] !== 'pt') {
                $found[] = [$number->typed, $unit[0], $unit[1], $cost + $unit[2], $number->value, $number->hasComma];
            }
            if (! $said->at($number->end)?->is('%')) {
                $found[] = [
                    $number->typed,
                    null,
                    $number->end,
                    $cost + ($unit !== null && $unit[2] === 0.0 && $unit[0] !== 'm' ? 0.5 : 0.0),
                    $number->value,
                    $number->hasComma,
                ];
            }
        }

        return $found;
    }

    private static function isGluedDigit(WrittenWords $said, int $i): bool
    {
        return ($said->at($i)?->isDigits() ?? false) && $said->at($i)->isGlued;
    }

    /** “8x10s”, “4x6's” */
    private static function plural(WrittenWords $said, int $end): int
    {
        $word = $said->at($end);
        if ($word?->is("'") && $word->isGlued && $said->at($end + 1)?->is('s')) {
            return $end + 2;
        }

        if ($word?->is('paper') && ! $said->at($end + 1)?->is('colour', 'color', 'white', 'black')) {
            return $end + 1; // “16x20 paper”
        }

        return $word?->is('s') && $word->isGlued ? $end + 1 : $end;
    }

    private static function typed(string $number, ?string $unit): string
    {
        return match ($unit) {
            null => $number,
            'm' => rtrim(rtrim(number_format((float) $number * 100, 2, '.', ''), '0'), '.').' cm',
            'ft' => rtrim(rtrim(number_format((float) $number * 12, 2, '.', ''), '0'), '.').' in',
            default => "{$number} {$unit}",
        };
    }
}
