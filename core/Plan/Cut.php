<?php

declare(strict_types=1);

namespace Planisher\Plan;

use Planisher\Measure\Figure;
use Planisher\Measure\PixelRect;
use Planisher\Picture\PictureFacts;

/** What a window leaves out of its picture: shares from 0 to 1, of the picture's width or height per side, of its area in all. */
final readonly class Cut
{
    private function __construct(public float $left, public float $right, public float $top, public float $bottom, public float $area) {}

    public static function by(PixelRect $window, PictureFacts $picture): self
    {
        return new self(
            $window->x / $picture->width,
            ($picture->width - $window->x - $window->width) / $picture->width,
            $window->y / $picture->height,
            ($picture->height - $window->y - $window->height) / $picture->height,
            1 - $window->area() / ($picture->width * $picture->height),
        );
    }

    /** “9 % from the left, 4 % from the right”; nothing is said of a side that keeps all, or loses a rounding of pixels. */
    public function sides(): string
    {
        $sides = array_filter(
            ['the left' => $this->left, 'the right' => $this->right, 'the top' => $this->top, 'the bottom' => $this->bottom],
            fn (float $share): bool => $share >= 0.0005,
        );
        $said = array_map(fn (string $side, float $share): string => Figure::percent($share)." from {$side}", array_keys($sides), $sides);
        $last = array_pop($said);

        return $said === [] ? (string) $last : implode(', ', $said)." and {$last}";
    }
}
