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

    public static function black(): self
    {
        return new self(0, 0, 0);
    }

    /** @param  string  $hex as #rrggbb, or null when it is written another way */
    public static function parse(string $hex): ?self
    {
        return preg_match('/^#([0-9a-f]{2})([0-9a-f]{2})([0-9a-f]{2})$/i', $hex, $m) === 1
            ? new self((int) hexdec($m[1]), (int) hexdec($m[2]), (int) hexdec($m[3]))
            : null;
    }

    public static function of(int $red, int $green, int $blue): self
    {
        return new self(...array_map(fn (int $code): int => max(0, min(255, $code)), [$red, $green, $blue]));
    }

    public function equals(self $other): bool
    {
        return $this == $other;
    }

    /** @return list<float> */
    public function codes(): array
    {
        return [(float) $this->red, (float) $this->green, (float) $this->blue];
    }

    /** For people: by its name, with its code where the name alone isn't this very colour. */
    public function label(): string
    {
        return ColourName::label($this);
    }

    public function __toString(): string
    {
        return sprintf('#%02x%02x%02x', $this->red, $this->green, $this->blue);
    }
}
