<?php

declare(strict_types=1);

namespace Planisher\Plan\Layer;

use Planisher\Colour\Rgb;
use Planisher\Measure\Figure;
use Planisher\OrderFile\JsonNode;

/** A canvas's edge mixed toward a colour: not at all at the fold, at its strength (0 to 1) where the bar ends at the wall. */
final readonly class Darken
{
    private function __construct(public Rgb $colour, public float $strength) {}

    public static function fromNode(?JsonNode $node): ?self
    {
        $node?->object(['colour', 'strength']);
        $strength = $node?->maybe('strength')?->number(0, 1) ?? 0.0;

        return $node === null || $strength === 0.0 ? null : new self($node->maybe('colour')?->colour() ?? Rgb::black(), $strength);
    }

    /** “darkened by 20 %”, “tinted 20 % toward #402010” */
    public function label(): string
    {
        return $this->colour->equals(Rgb::black())
            ? 'darkened by '.Figure::percent($this->strength)
            : 'tinted '.Figure::percent($this->strength)." toward {$this->colour->label()}";
    }

    /** @return array{colour: string, strength: float} */
    public function toArray(): array
    {
        return ['colour' => (string) $this->colour, 'strength' => $this->strength];
    }
}
