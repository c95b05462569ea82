<?php

declare(strict_types=1);

namespace Planisher\Overlay;

use Planisher\Measure\Figure;
use Planisher\Measure\Length;
use Planisher\Measure\MeasureError;
use Planisher\OrderFile\JsonNode;
use Planisher\OrderFile\OrderFileError;

/** How far or how wide on an image: a length, or per cent of the image's width. It prints back as typed. */
final readonly class Reach
{
    private function __construct(private ?Length $length, private ?string $percent) {}

    /**
     * Reads `4 mm`, `1/4 in`, `18 %`.
     *
     * @throws MeasureError when the text is neither; the message quotes it
     */
    public static function parse(string $text): self
    {
        $typed = trim($text);
        if (! str_ends_with($typed, '%')) {
            return new self(Length::parse($typed), null);
        }
        $number = str_replace(',', '.', trim(substr($typed, 0, -1)));
        if (! preg_match('/^\d{1,3}(\.\d{1,6})?$/', $number) || (float) $number > 100) {
            throw MeasureError::noShareOfImage($typed);
        }

        return new self(null, $number);
    }

    /** @throws OrderFileError with the measure's own words */
    public static function fromNode(?JsonNode $node, string $usual): self
    {
        return $node?->measured(self::parse(...)) ?? self::parse($usual);
    }

    /** In whole nanometres on an image so wide. */
    public function on(int $width): int
    {
        return $this->length->nanometres ?? (int) round(($width * (float) $this->percent) / 100);
    }

    public function label(): string
    {
        return $this->length?->label() ?? $this->percent.Figure::THIN_SPACE.'%';
    }

    public function __toString(): string
    {
        return $this->length === null ? "{$this->percent} %" : (string) $this->length;
    }
}
