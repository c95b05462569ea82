<?php

declare(strict_types=1);

namespace Planisher\Plan;

use Planisher\Colour\Rgb;
use Planisher\Measure\PixelRect;

/** A rectangle of one colour, in pixels of the file. */
final readonly class Fill
{
    public function __construct(public PixelRect $where, public Rgb $colour) {}

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['where' => $this->where->toArray(), 'colour' => (string) $this->colour];
    }
}
