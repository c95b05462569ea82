<?php

declare(strict_types=1);

namespace Planisher\Plan\Layer;

use Planisher\Colour\Rgb;
use Planisher\Measure\PixelRect;
use Planisher\Plan\Placement;

/** Paper of one colour, for other things to lie on. */
final readonly class GroundLayer implements Layer
{
    public function __construct(public PixelRect $where, public Rgb $colour) {}

    public function where(): PixelRect
    {
        return $this->where;
    }

    public function laid(Placement $on): self
    {
        return new self($on->rect($this->where), $this->colour);
    }

    public function small(float $scale, PixelRect $whole): self
    {
        return new self($this->where->scaled($scale, $scale)->movedInto($whole), $this->colour);
    }

    /** @return array{where: array<string, int>, colour: string} */
    public function toArray(): array
    {
        return ['where' => $this->where->toArray(), 'colour' => (string) $this->colour];
    }
}
