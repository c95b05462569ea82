<?php

declare(strict_types=1);

namespace Planisher\Plan;

use Planisher\Line\Darken;
use Planisher\Line\EdgeFill;
use Planisher\Measure\PixelRect;

/**
 * How the pixels round a canvas's face come about. Depths in pixels of the file, rounded edge by edge, so that opposite
 * ones may differ by one; the spare goes on beyond them.
 */
final readonly class Surround
{
    /**
     * @param  PixelRect  $face  in the file
     * @param  float  $depth  of the bar, where softening and darkening have come to their full strength
     * @param  float  $sigma  of the softening at its full strength
     */
    public function __construct(
        public PixelRect $face,
        public EdgeFill $fill,
        public float $depth,
        public float $sigma,
        public ?Darken $darken,
    ) {}

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['face' => $this->face->toArray(), 'fill' => $this->fill->value, 'depth' => round($this->depth, 4), 'sigma' => round($this->sigma, 4), 'darken' => $this->darken?->toArray()];
    }
}
