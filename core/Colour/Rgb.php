<?php

declare(strict_types=1);

namespace Planisher\Colour;

/** A colour of three 8-bit sRGB codes, written #rrggbb. */
final readonly class Rgb
{
    private function __construct(public int $red, public int $green, public int $blue) {}

    public static function white(): self
    {
        return new self(255, 255, 255);
    }

    /** @return list<float> */
    public function codes(): array
    {
        return [(float) $this->red, (float) $this->green, (float) $this->blue];
    }

    public function __toString(): string
    {
        return sprintf('#%02x%02x%02x', $this->red, $this->green, $this->blue);
    }
}
