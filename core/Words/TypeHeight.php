<?php

declare(strict_types=1);

namespace Planisher\Words;

use Planisher\Measure\Figure;
use Planisher\Measure\Length;
use Planisher\Measure\MeasureError;
use Planisher\Measure\Unit;
use Planisher\OrderFile\JsonNode;
use Planisher\OrderFile\OrderFileError;

/** The height of type: its body, an em, from 0.5 mm to 500 mm. A point is 1/72 in. It prints back as typed. */
final readonly class TypeHeight
{
    private const LEAST = 500_000;

    private const MOST = 500_000_000;

    private const POINTS_AN_INCH = 72;

    private function __construct(public int $nanometres, private string $typed) {}

    /** @throws MeasureError when it is no height that type can have; the message quotes it */
    public static function parse(string $text, Unit $bare = Unit::Millimetre): self
    {
        $typed = trim($text);
        if (preg_match('/^(\d{1,5}(?:[.,]\d{1,4})?)\s*(?:pt|points?)$/iu', $typed, $m)) {
            $number = str_replace(',', '.', $m[1]);
            $height = new self((int) round(((float) $number * Unit::Inch->nanometres()) / self::POINTS_AN_INCH), "{$number} pt");
        } else {
            $length = Length::parse($typed, $bare);
            $height = new self($length->nanometres, (string) $length);
        }
        if ($height->nanometres < self::LEAST || $height->nanometres > self::MOST) {
            throw MeasureError::noTypeHeight($typed);
        }

        return $height;
    }

    /** @throws OrderFileError with the measure's own words */
    public static function fromNode(?JsonNode $node, string $usual): self
    {
        return $node?->measured(self::parse(...)) ?? self::parse($usual);
    }

    public function label(): string
    {
        return str_replace(' ', Figure::THIN_SPACE, $this->typed);
    }

    public function __toString(): string
    {
        return $this->typed;
    }
}
