<?php

declare(strict_types=1);

namespace Planisher\Measure;

/** A size in pixels of a screen, which has no paper: drawn as if an inch had 72 of them. */
final readonly class PixelSize
{
    public const PPI = 72;

    public const MOST = 20_000;

    public function __construct(public int $width, public int $height) {}

    /**
     * Reads `1080 x 1350 px`, `1080 × 1350`, `1080 by 1350 pixels`.
     *
     * @throws MeasureError when the text is none; the message quotes it
     */
    public static function parse(string $text): self
    {
        $typed = trim($text);
        if (
            preg_match('/^(\d{1,5})\s*(?:px)?\s*(?:×|x|\*|by)\s*(\d{1,5})\s*(?:px|pixels?)?$/iu', $typed, $m) !== 1 ||
            min((int) $m[1], (int) $m[2]) < 1 ||
            max((int) $m[1], (int) $m[2]) > self::MOST
        ) {
            throw MeasureError::noPixelSize($typed, self::MOST);
        }

        return new self((int) $m[1], (int) $m[2]);
    }

    /** The largest of a ratio within a long side; at least a pixel each way. */
    public static function within(int $longSide, int $width, int $height): self
    {
        $scale = min(1.0, $longSide / max($width, $height));

        return new self(max(1, (int) round($width * $scale)), max(1, (int) round($height * $scale)));
    }

    public static function resolution(): Resolution
    {
        return Resolution::perInch(self::PPI);
    }

    /** As if it lay on paper, for a drawing. */
    public function onPaper(): Size
    {
        $length = fn (int $pixels): Length => Length::exact(self::resolution()->lengthOf($pixels), Unit::Millimetre);

        return Size::of($length($this->width), $length($this->height));
    }

    public function label(): string
    {
        return Figure::pixels($this->width, $this->height);
    }

    public function __toString(): string
    {
        return "{$this->width} x {$this->height} px";
    }
}
