<?php

declare(strict_types=1);

namespace Planisher\Plan\Layer;

use Planisher\Measure\PixelRect;
use Planisher\Plan\Placement;

/**
 * How all round a canvas's face comes about, from what is there. Depths in pixels of the file, rounded edge by edge, so that
 * opposite ones may differ by one; the spare goes on beyond them.
 */
final readonly class SurroundLayer implements Layer
{
    /**
     * @param  PixelRect  $whole  the face and all round it
     * @param  float  $depth  of the bar, where softening and darkening have come to their full strength
     * @param  float  $sigma  of the softening at its full strength
     */
    public function __construct(
        public PixelRect $whole,
        public PixelRect $face,
        public EdgeFill $fill,
        public float $depth,
        public float $sigma,
        public ?Darken $darken,
    ) {}

    public function where(): PixelRect
    {
        return $this->repeatsFace() ? $this->whole : $this->face; // else the ground shows round it
    }

    /** Whether it is made of what lies on the face, which is then taken again. */
    public function repeatsFace(): bool
    {
        return $this->fill !== EdgeFill::OneColour || $this->darken !== null;
    }

    public function laid(Placement $on): self
    {
        return new self($on->rect($this->whole), $on->rect($this->face), $this->fill, $this->depth, $this->sigma, $this->darken);
    }

    public function small(float $scale, PixelRect $whole): self
    {
        return new self(
            $whole,
            $this->face->scaled($scale, $scale),
            $this->fill,
            max(1.0, $this->depth * $scale),
            $this->sigma * $scale,
            $this->darken,
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'face' => $this->face->toArray(),
            'fill' => $this->fill->value,
            'depth' => round($this->depth, 4),
            'sigma' => round($this->sigma, 4),
            'darken' => $this->darken?->toArray(),
        ];
    }
}
