<?php

declare(strict_types=1);

namespace Planisher\Measure;

/**
 * A length on paper: a whole number of nanometres, so inches and millimetres mix with no error.
 * It remembers how its number was typed and prints back that way: 0.787 in stays 0.787 in.
 */
final readonly class Length
{
    /** Nothing on paper is longer than 100 m; it keeps pixel products inside 64 bits. */
    private const LONGEST_NM = 100_000_000_000;

    /** Signs for fractions, and how they are written with figures */
    public const VULGAR = [
        '½' => '1/2',
        '¼' => '1/4',
        '¾' => '3/4',
        '⅓' => '1/3',
        '⅔' => '2/3',
        '⅛' => '1/8',
        '⅜' => '3/8',
        '⅝' => '5/8',
        '⅞' => '7/8',
    ];

    private function __construct(public int $nanometres, public string $number, public Unit $unit) {}

    public static function zero(Unit $unit = Unit::Inch): self
    {
        return new self(0, '0', $unit);
    }

    /** @param  string  $number a decimal or a fraction: "8", "21.59", "8 1/2", "3/8" */
    public static function of(string $number, Unit $unit): self
    {
        [$top, $bottom] = self::fraction($number);
        $nanometres = intdiv(2 * $top * $unit->nanometres() + $bottom, 2 * $bottom);

        return new self($nanometres, $number, $unit);
    }

    /** A length that was computed, printed with as many digits as mean something in its unit. */
    public static function ofNanometres(int $nanometres, Unit $unit): self
    {
        return new self($nanometres, Figure::decimal($nanometres / $unit->nanometres(), $unit === Unit::Millimetre ? 1 : 2), $unit);
    }

    /** The same length with no digit lost: in its unit where a few decimals say it exactly, in mm otherwise. */
    public static function exact(int $nanometres, Unit $unit): self
    {
        $scaled = $nanometres * 10_000;
        $unit = $scaled % $unit->nanometres() === 0 ? $unit : Unit::Millimetre;

        return new self($nanometres, Figure::decimal($nanometres / $unit->nanometres(), 6), $unit);
    }

    /**
     * Reads `8 in`, `8"`, `8 1/2 in`, `8½`, `215.9 mm`, `21,59cm`; a bare number is in the studio's unit.
     *
     * @throws MeasureError when the text is no length; the message quotes it
     */
    public static function parse(string $text, Unit $bare = Unit::Inch): self
    {
        $typed = trim($text);
        if (
            ! preg_match('/^(?<number>[\d.,\/\s½¼¾⅓⅔⅛⅜⅝⅞-]*?)\s*(?<unit>[^\d.,\/\s½¼¾⅓⅔⅛⅜⅝⅞-]*)$/u', $typed, $part) ||
            $part['number'] === ''
        ) {
            throw MeasureError::noLength($typed);
        }
        $unit = $part['unit'] === '' ? $bare : Unit::spelled($part['unit']);
        if ($unit === null) {
            throw in_array(mb_strtolower($part['unit']), ['px', 'pixel', 'pixels'], true)
                ? MeasureError::lengthInPixels($typed)
                : MeasureError::noUnit($part['unit'], $typed);
        }

        return self::of($part['number'], $unit);
    }

    /** The pixel at this position: round(x · ppi), half up, in integers. A size in pixels is the difference of its two edges. */
    public function px(Resolution $resolution): int
    {
        return $resolution->pixelAt($this->nanometres);
    }

    /** For people: “0.5 in”, thin space before the unit. */
    public function label(): string
    {
        return $this->number.Figure::THIN_SPACE.$this->unit->value;
    }

    public function inches(): float
    {
        return $this->nanometres / Unit::Inch->nanometres();
    }

    public function in(Unit $unit): float
    {
        return $this->nanometres / $unit->nanometres();
    }

    public function equals(self $other): bool
    {
        return $this->nanometres === $other->nanometres;
    }

    public function __toString(): string
    {
        return $this->number.' '.$this->unit->value;
    }

    /** @return array{int, int} numerator and denominator of a typed number */
    private static function fraction(string &$number): array
    {
        $number = trim((string) preg_replace('/\s+/u', ' ', $number));
        if (str_starts_with($number, '-')) {
            throw MeasureError::negative($number);
        }
        $vulgar = array_map(fn (string $fraction): string => " {$fraction}", self::VULGAR);
        $spelled = str_replace(['-', ...array_keys($vulgar)], [' ', ...array_values($vulgar)], $number);
        $plain = trim((string) preg_replace('/\s+/', ' ', $spelled));
        if (preg_match('/^(?:(\d{1,6}) )?(\d{1,4})\/(\d{1,4})$/', $plain, $m) && (int) $m[3] > 0) {
            [$top, $bottom] = [(int) $m[1] * (int) $m[3] + (int) $m[2], (int) $m[3]];
        } elseif (preg_match('/^\d{0,7}(?:[.,]\d{1,9})?$/', $plain) && preg_match('/\d/', $plain)) {
            if (preg_match('/^\d+,\d{3}$/', $plain)) {
                throw MeasureError::thousandsOrDecimal($number);
            }
            [$whole, $decimals] = explode('.', str_replace(',', '.', $plain).'.') + ['', ''];
            [$top, $bottom] = [(int) ($whole.$decimals), 10 ** strlen($decimals)];
        } else {
            throw MeasureError::noNumber($number);
        }
        if (($top / $bottom) * Unit::Inch->nanometres() > self::LONGEST_NM) {
            throw MeasureError::tooLong($number);
        }

        return [$top, $bottom];
    }
}
