<?php

declare(strict_types=1);

namespace Planisher\Measure;

/** How deep a canvas's edge is: a length, pixels of the file, or per cent of the face's short side. It prints back as typed. */
final readonly class EdgeDepth
{
    private const MOST_PIXELS = 50_000;

    /** @param  ?string  $percent  as typed */
    private function __construct(public ?Length $length, public ?int $pixels, public ?string $percent) {}

    public static function of(Length $length): self
    {
        return new self($length, null, null);
    }

    /**
     * Reads `2 cm`, `0.787 in`, `240 px`, `5 %`; a bare number is in the studio's unit.
     *
     * @throws MeasureError when the text is no depth; the message quotes it
     */
    public static function parse(string $text, Unit $bare = Unit::Inch): self
    {
        $typed = trim($text);
        if (preg_match('/^([\d.,]*)\s*%$/u', $typed, $m)) {
            $number = str_replace(',', '.', $m[1]);
            if (! preg_match('/^\d{1,3}(\.\d{1,6})?$/', $number) || (float) $number > 100) {
                throw MeasureError::noShare($typed);
            }

            return new self(null, null, $number);
        }
        if (preg_match('/^(.*?)\s*(px|pixels?)$/iu', $typed, $m)) {
            if (! preg_match('/^\d{1,5}$/', $m[1]) || (int) $m[1] > self::MOST_PIXELS) {
                throw MeasureError::noDepthInPixels($typed, self::MOST_PIXELS);
            }

            return new self(null, (int) $m[1], null);
        }

        return new self(Length::parse($typed, $bare), null, null);
    }

    /** In whole nanometres on a face, pixels taken at a resolution. */
    public function on(Size $face, Resolution $resolution): int
    {
        return match (true) {
            $this->length !== null => $this->length->nanometres,
            $this->pixels !== null => $resolution->lengthOf($this->pixels),
            default => (int) round((min($face->width->nanometres, $face->height->nanometres) * (float) $this->percent) / 100),
        };
    }

    public function isZero(): bool
    {
        return ($this->length->nanometres ?? ($this->pixels ?? (float) $this->percent)) == 0;
    }

    /** For people: “2 cm”, “240 px”, “5 %”. */
    public function label(): string
    {
        return match (true) {
            $this->length !== null => $this->length->label(),
            $this->pixels !== null => Figure::count($this->pixels).Figure::THIN_SPACE.'px',
            default => $this->percent.Figure::THIN_SPACE.'%',
        };
    }

    public function __toString(): string
    {
        return match (true) {
            $this->length !== null => (string) $this->length,
            $this->pixels !== null => "{$this->pixels} px",
            default => "{$this->percent} %",
        };
    }
}
