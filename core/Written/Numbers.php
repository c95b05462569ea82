<?php

declare(strict_types=1);

namespace Planisher\Written;

use Planisher\Measure\Length;

/** Numbers in figures and in words, wherever they stand: “12”, “1 1/2”, “½”, “2,5”, “two and a half”, “a dozen”, “an eighth of an”. */
final class Numbers
{
    private const ONES = [
        'zero' => 0,
        'one' => 1,
        'two' => 2,
        'three' => 3,
        'four' => 4,
        'five' => 5,
        'six' => 6,
        'seven' => 7,
        'eight' => 8,
        'nine' => 9,
        'ten' => 10,
        'eleven' => 11,
        'twelve' => 12,
        'thirteen' => 13,
        'fourteen' => 14,
        'fifteen' => 15,
        'sixteen' => 16,
        'seventeen' => 17,
        'eighteen' => 18,
        'nineteen' => 19,
    ];

    private const TENS = [
        'twenty' => 20,
        'thirty' => 30,
        'forty' => 40,
        'fifty' => 50,
        'sixty' => 60,
        'seventy' => 70,
        'eighty' => 80,
        'ninety' => 90,
    ];

    private const NAMES = self::ONES + self::TENS + ['hundred' => 100];

    private const PARTS = [
        'half' => '1/2',
        'halves' => '1/2',
        'third' => '1/3',
        'thirds' => '1/3',
        'quarter' => '1/4',
        'quarters' => '1/4',
        'fourth' => '1/4',
        'eighth' => '1/8',
        'eighths' => '1/8',
        'sixteenth' => '1/16',
        'sixteenths' => '1/16',
    ];

    private const SETS = ['dozen' => 12, 'pair' => 2, 'couple' => 2, 'brace' => 2, 'single' => 1];

    /**
     * What may be a number at that place, the longest first.
     *
     * @param  list<Word>  $words
     * @return list<Number>
     */
    public static function at(array $words, int $i): array
    {
        $word = $words[$i] ?? null;
        if ($word === null) {
            return [];
        }
        if ($word->isDigits()) {
            return self::figures($words, $i);
        }
        if (isset(Length::VULGAR[$word->text])) {
            return [new Number(Length::VULGAR[$word->text], self::value(Length::VULGAR[$word->text]), $i + 1)];
        }
        if ($word->is('.', ',') && ($words[$i + 1] ?? null)?->isDigits() && $words[$i + 1]->isGlued && ! $word->isGlued) {
            return [new Number("0.{$words[$i + 1]->text}", (float) "0.{$words[$i + 1]->text}", $i + 2)];
        }

        return $word->isLetters() ? self::spoken($words, $i) : [];
    }

    /** @return array<string, int> words that are whole numbers by themselves */
    public static function names(): array
    {
        return self::NAMES;
    }

    /**
     * @param  list<Word>  $words
     * @return list<Number>
     */
    private static function figures(array $words, int $i): array
    {
        $text = $words[$i]->text;
        $isPadded = strlen($text) > 1 && $text[0] === '0';
        $found = [];
        $next = fn (int $n): ?Word => $words[$i + $n] ?? null;
        $glues = fn (int $n): bool => $next($n) !== null && $next($n)->isGlued;
        // 1/2
        if ($next(1)?->is('/') && $next(2)?->isDigits() && $glues(1) && $glues(2) && ! $isPadded && (int) $next(2)->text > (int) $text) {
            $found[] = new Number("{$text}/{$next(2)->text}", (int) $text / (int) $next(2)->text, $i + 3);
        }
        // 1 1/2, 1-1/2
        $from = $next(1)?->is('-') ? 2 : 1;
        if (
            $next($from)?->isDigits() &&
            $next($from + 1)?->is('/') &&
            $next($from + 2)?->isDigits() &&
            $glues($from + 1) &&
            $glues($from + 2) &&
            ! $isPadded &&
            (int) $next($from)->text < (int) $next($from + 2)->text &&
            (int) $next($from + 2)->text <= 64
        ) {
            $part = "{$next($from)->text}/{$next($from + 2)->text}";
            array_unshift($found, new Number("{$text} {$part}", (int) $text + self::value($part), $i + $from + 3));
        }
        if ($next(1) !== null && isset(Length::VULGAR[$next(1)->text])) {
            $part = Length::VULGAR[$next(1)->text];
            $found[] = new Number("{$text} {$part}", (int) $text + self::value($part), $i + 2);
        }
        // 2.5, 2,5
        if ($next(1)?->is('.', ',') && $next(2)?->isDigits() && $glues(1) && $glues(2) && strlen($next(2)->text) <= 4) {
            $isThousands = $next(1)->is(',') && strlen($next(2)->text) === 3 && ! $isPadded;
            $more = $next(3)?->is('.', ',') && $glues(3) && $next(4)?->isDigits() && $glues(4);
            if (! $isThousands && ! $more && (! $isPadded || $text === '0')) {
                $found[] = new Number("{$text}.{$next(2)->text}", (float) "{$text}.{$next(2)->text}", $i + 3, hasComma: $next(1)->is(','));
            }
            if ($isThousands) {
                $found[] = new Number($text.$next(2)->text, (float) ($text.$next(2)->text), $i + 3, isThousands: true);
            }
        }
        // “2 dozen”
        if (! $isPadded && $next(1)?->is('dozen')) {
            $found[] = new Number((string) (12 * (int) $text), 12.0 * (int) $text, $i + 2, isSet: true);
        }
        // one and a half, with a figure: “1 and a half”
        $half = self::andAHalf($words, $i + 1);
        if ($half !== null && ! $isPadded) {
            $found[] = new Number("{$text} {$half[0]}", (int) $text + self::value($half[0]), $half[1]);
        }
        $found[] = new Number(
            $isPadded ? $text : (string) (int) substr($text, 0, 15),
            (float) substr($text, 0, 15),
            $i + 1,
            isPlain: ! $isPadded,
            isPadded: $isPadded,
        );

        return $found;
    }

    /**
     * @param  list<Word>  $words
     * @return list<Number>
     */
    private static function spoken(array $words, int $i): array
    {
        $text = $words[$i]->text;
        $at = fn (int $n): string => $words[$n]->text ?? '';
        $found = [];
        $whole = self::whole($words, $i);
        if ($whole !== null) {
            [$value, $end] = $whole;
            $half = self::andAHalf($words, $end);
            $half === null || ($found[] = new Number("{$value} {$half[0]}", $value + self::value($half[0]), $half[1], isWords: true));
            // three quarters (of an), two thirds
            if (isset(self::PARTS[$at($end)]) && $value < 8) {
                $of = (int) substr(self::PARTS[$at($end)], 2);
                $end2 = self::ofAn($words, $end + 1);
                $found[] = new Number("{$value}/{$of}", $value / $of, $end2, isWords: true);
            }
            if ($at($end) === 'dozen') {
                $found[] = new Number((string) (12 * $value), 12 * $value, $end + 1, isWords: true, isSet: true);
            }
            $found[] = new Number((string) $value, $value, $end, isWords: true);
        }
        $from = in_array($text, ['a', 'an', 'one'], true) ? $i + 1 : $i;
        if ($text === 'half' && in_array($at($i + 1), ['a', 'an'], true) && $at($i + 2) === 'dozen') {
            $found[] = new Number('6', 6, $i + 3, isWords: true, isSet: true);
        }
        if ($at($from) === 'half' && $at($from + 1) === 'dozen') {
            $found[] = new Number('6', 6, $from + 2, isWords: true, isSet: true);
        }
        if (isset(self::SETS[$at($from)])) {
            $found[] = new Number((string) self::SETS[$at($from)], self::SETS[$at($from)], $from + 1, isWords: true, isSet: true);
        }
        if (isset(self::PARTS[$at($from)])) {
            $part = self::PARTS[$at($from)];
            $found[] = new Number($part, self::value($part), self::ofAn($words, $from + 1), isWords: true);
        }

        return $found;
    }

    /**
     * A whole number in words: “twenty-four”, “two hundred and forty”.
     *
     * @param  list<Word>  $words
     * @return ?array{int, int} the number, and the place behind it
     */
    private static function whole(array $words, int $i): ?array
    {
        $at = fn (int $n): string => $words[$n]->text ?? '';
        $below = function (int $n) use ($at): ?array {
            if (isset(self::TENS[$at($n)])) {
                $next = $at($n + 1) === '-' ? $n + 2 : $n + 1;
                $one = self::ONES[$at($next)] ?? null;

                return $one !== null && $one > 0 && $one < 10 ? [self::TENS[$at($n)] + $one, $next + 1] : [self::TENS[$at($n)], $n + 1];
            }

            $one =
                self::ONES[$at($n)] ??
                (in_array($at($n - 1), ['by', 'x'], true) ? self::ONES[preg_replace('/(?<=x)es$|s$/', '', $at($n))] ?? null : null);

            return $one === null ? null : [$one, $n + 1];
        };
        $first = in_array($at($i), ['a', 'an'], true) && $at($i + 1) === 'hundred' ? [1, $i + 1] : $below($i);
        if ($first !== null && $at($first[1]) === 'hundred' && $first[0] < 10) {
            $next = $at($first[1] + 1) === 'and' ? $first[1] + 2 : $first[1] + 1;
            $rest = $below($next);

            return $rest === null ? [$first[0] * 100, $first[1] + 1] : [$first[0] * 100 + $rest[0], $rest[1]];
        }

        return $first ?? ($at($i) === 'hundred' ? [100, $i + 1] : null);
    }

    /**
     * “… and a half”
     *
     * @param  list<Word>  $words
     * @return ?array{string, int}
     */
    private static function andAHalf(array $words, int $i): ?array
    {
        $at = fn (int $n): string => $words[$n]->text ?? '';
        if (! in_array($at($i), ['and', '&', '+'], true)) {
            return null;
        }
        if (in_array($at($i + 1), ['a', 'an'], true) && isset(self::PARTS[$at($i + 2)])) {
            return [self::PARTS[$at($i + 2)], $i + 3];
        }
        if ($at($i + 1) === 'three' && $at($i + 2) === 'quarters') {
            return ['3/4', $i + 3];
        }

        return isset(self::PARTS[$at($i + 1)]) ? [self::PARTS[$at($i + 1)], $i + 2] : null;
    }

    /** @param  list<Word>  $words */
    private static function ofAn(array $words, int $i): int
    {
        $at = fn (int $n): string => $words[$n]->text ?? '';
        if ($at($i) === 'of' && in_array($at($i + 1), ['an', 'a'], true)) {
            return $i + 2;
        }

        return in_array($at($i), ['an', 'a'], true) ? $i + 1 : ($at($i) === '-' ? $i + 1 : $i);
    }

    private static function value(string $part): float
    {
        [$top, $bottom] = explode('/', $part);

        return (int) $top / (int) $bottom;
    }
}
