<?php

declare(strict_types=1);

namespace Planisher\Measure;

/** Pixels per length on paper, exact: so many pixels on so many nanometres. */
final readonly class Resolution
{
    public const HIGHEST_PPI = 2400;

    private function __construct(private int $pixels, private int $nanometres, public Unit $unit) {}

    /** @throws MeasureError when not from 1 to 2400 per inch */
    public static function perInch(int|float|string $ppi): self
    {
        return self::per((string) $ppi, Unit::Inch);
    }

    public static function perCentimetre(int|float|string $number): self
    {
        return self::per((string) $number, Unit::Centimetre);
    }

    /** The resolution at which so many of a picture's own pixels cover a length. */
    public static function own(int $pixels, int $nanometres): self
    {
        if ($pixels < 1 || $nanometres < 1) {
            throw MeasureError::resolutionOfNothing();
        }

        return new self($pixels, $nanometres, Unit::Inch);
    }

    /**
     * Reads `300`, `300 ppi`, `120 px/cm`.
     *
     * @throws MeasureError when the text is no resolution; the message quotes it
     */
    public static function parse(string $text): self
    {
        if (! preg_match('/^\s*(\d+(?:\.\d+)?)\s*(ppi|dpi|px\/in|px\/cm|ppcm|)\s*$/i', $text, $m)) {
            throw MeasureError::noResolution($text);
        }

        return self::per($m[1], str_contains(strtolower($m[2]), 'cm') ? Unit::Centimetre : Unit::Inch);
    }

    /** The pixel at a position in nanometres, rounded half up. */
    public function pixelAt(int $nanometres): int
    {
        $top = 2 * $nanometres * $this->pixels + $this->nanometres;
        $bottom = 2 * $this->nanometres;

        return intdiv($top - ((($top % $bottom) + $bottom) % $bottom), $bottom);
    }

    /** The length of so many pixels, to the nearest nanometre. */
    public function lengthOf(int $pixels): int
    {
        return intdiv(2 * $pixels * $this->nanometres + $this->pixels, 2 * $this->pixels);
    }

    public function ppi(): float
    {
        return ($this->pixels / $this->nanometres) * Unit::Inch->nanometres();
    }

    public function perMillimetre(): float
    {
        return ($this->pixels / $this->nanometres) * Unit::Millimetre->nanometres();
    }

    public function label(): string
    {
        $thin = Figure::THIN_SPACE;

        return $this->unit === Unit::Centimetre
            ? Figure::decimal($this->perMillimetre() * 10, 2)."{$thin}px/cm"
            : Figure::decimal($this->ppi(), $this->ppi() < 100 ? 1 : 0)."{$thin}ppi";
    }

    /** As it stands in the order file: a number per inch, or "120 px/cm". */
    public function typed(): float|int|string
    {
        if ($this->unit === Unit::Centimetre) {
            return Figure::decimal($this->perMillimetre() * 10, 4).' px/cm';
        }
        $ppi = round($this->ppi(), 6);

        return $ppi === floor($ppi) ? (int) $ppi : $ppi;
    }

    private static function per(string $number, Unit $unit): self
    {
        $decimals = strlen(substr((string) strrchr($number, '.'), 1));
        if ($decimals > 4 || ! is_numeric($number)) {
            throw MeasureError::tooManyDecimals($number);
        }
        $scale = 10 ** $decimals;
        $resolution = new self((int) round((float) $number * $scale), $unit->nanometres() * $scale, $unit);
        if ($resolution->ppi() < 1 || $resolution->ppi() > self::HIGHEST_PPI) {
            throw MeasureError::resolutionOutOfRange($number, $unit->value, self::HIGHEST_PPI);
        }

        return $resolution;
    }
}
