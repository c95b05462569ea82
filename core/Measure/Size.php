<?php

declare(strict_types=1);

namespace Planisher\Measure;

/** A width and a height on paper. A lab's sizes have no up: 11 × 14 and 14 × 11 are one size turned. */
final readonly class Size
{
    private function __construct(public Length $width, public Length $height, public ?string $name) {}

    /** @throws MeasureError when a side is 0 */
    public static function of(Length $width, Length $height, ?string $name = null): self
    {
        if ($width->nanometres === 0 || $height->nanometres === 0) {
            throw MeasureError::sideOfNothing($width, $height);
        }

        return new self($width, $height, $name);
    }

    /**
     * Reads `8 x 10 in`, `8×10`, `8½ by 11"`, `60 x 40cm`, `8 in x 20 cm`, `A4`. A unit typed once counts for both sides.
     *
     * @throws MeasureError when the text is no size; the message quotes it
     */
    public static function parse(string $text, Unit $bare = Unit::Inch): self
    {
        $typed = trim($text);
        if ($named = NamedSizes::find($typed)) {
            return $named;
        }
        if (preg_match('/(\d|\b)(px|pixels?)\b/i', $typed)) {
            throw MeasureError::sizeInPixels($typed);
        }
        $sides = preg_split('/\s*(?:×|x|\*|\bby\b)\s*/iu', $typed);
        if ($sides === false || count($sides) !== 2 || $sides[0] === '' || $sides[1] === '') {
            throw MeasureError::noSize($typed);
        }
        $unitOf = fn (string $side): ?Unit => preg_match('/([a-z"″”\']+)\.?$/iu', $side, $m) ? Unit::spelled($m[1]) : null;
        $width = Length::parse($sides[0], $unitOf($sides[1]) ?? $bare);
        $height = Length::parse($sides[1], $unitOf($sides[0]) ?? $bare);

        return self::of($width, $height);
    }

    /** What its figures are read in: the unit it was typed in; millimetres, and named sizes with them, in centimetres. */
    public function unit(): Unit
    {
        return $this->width->unit === Unit::Inch ? Unit::Inch : Unit::Centimetre;
    }

    public function turned(): self
    {
        return new self($this->height, $this->width, $this->name);
    }

    public function portrait(): self
    {
        return $this->width->nanometres > $this->height->nanometres ? $this->turned() : $this;
    }

    public function landscape(): self
    {
        return $this->width->nanometres < $this->height->nanometres ? $this->turned() : $this;
    }

    public function isSquare(): bool
    {
        return $this->width->equals($this->height);
    }

    /** The same paper, whichever way up. */
    public function sameAs(self $other): bool
    {
        return ($this->width->equals($other->width) && $this->height->equals($other->height)) ||
            ($this->width->equals($other->height) && $this->height->equals($other->width));
    }

    /** Whether a piece of that size can be cut from this one, either way up. */
    public function holds(self $piece): bool
    {
        [$mine, $its] = [$this->portrait(), $piece->portrait()];

        return $its->width->nanometres <= $mine->width->nanometres && $its->height->nanometres <= $mine->height->nanometres;
    }

    public function ratio(): Ratio
    {
        return Ratio::of($this->width->nanometres, $this->height->nanometres);
    }

    public function diagonalInches(): float
    {
        return hypot($this->width->inches(), $this->height->inches());
    }

    public function areaSquareInches(): float
    {
        return $this->width->inches() * $this->height->inches();
    }

    /** For people: “8 × 10 in”, “A4”. */
    public function label(): string
    {
        return $this->name ?? $this->sides(' × ');
    }

    /** As it stands in the order file: "8 x 10 in", "A4". */
    public function __toString(): string
    {
        return $this->name ?? $this->sides(' x ');
    }

    private function sides(string $by): string
    {
        return $this->width->unit === $this->height->unit
            ? $this->width->number.$by.$this->height->number.' '.$this->width->unit->value
            : $this->width.$by.$this->height;
    }
}
