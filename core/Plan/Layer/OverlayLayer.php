<?php

declare(strict_types=1);

namespace Planisher\Plan\Layer;

use Planisher\Measure\PixelRect;
use Planisher\Picture\PictureFacts;
use Planisher\Plan\Placement;

/** A mark over what is there, as far as it isn't transparent; it may go beyond the file's edges. */
final readonly class OverlayLayer implements Layer
{
    /**
     * @param  float  $strength  0 to 1
     * @param  bool  $isTurned  a quarter to the right on its way there
     */
    public function __construct(
        public PictureFacts $picture,
        public PixelRect $target,
        public float $strength,
        public bool $isTurned = false,
    ) {}

    public function where(): PixelRect
    {
        return $this->target;
    }

    public function laid(Placement $on): self
    {
        return new self($this->picture, $on->rect($this->target), $this->strength, $on->isTurned || $this->isTurned);
    }

    public function small(float $scale, PixelRect $whole): self
    {
        return new self($this->picture, $this->target->scaled($scale, $scale), $this->strength, $this->isTurned);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'mark' => $this->picture->sha256,
            'target' => $this->target->toArray(),
            'strength' => $this->strength,
            ...$this->isTurned ? ['turned' => true] : [],
        ];
    }
}
