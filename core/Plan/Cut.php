<?php

declare(strict_types=1);

namespace Planisher\Plan;

use Planisher\Measure\Figure;
use Planisher\Measure\PixelRect;
use Planisher\Picture\PictureFacts;

/** What a window leaves out of its picture: shares from 0 to 1, of the picture's width or height per side, of its area in all. */
final readonly class Cut
{
    /** The least share of a side that is told in figures; common practice, no source. */
    private const SEEN = 0.003;

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

    /** So little that nobody sees it: less than 0.3 % of a side, on each. */
    public function isUnseen(): bool
    {
        return max($this->left, $this->right, $this->top, $this->bottom) < self::SEEN;
    }

    /** “9 % from the left and 4 % from the right”; nothing is said of a side that keeps all, or loses a rounding of pixels. */
    public function sides(): string
    {
        $said = [];
        foreach ($this->cutSides() as $side => $share) {
            $said[] = Figure::percent($share)." from the {$side}";
        }
        $last = array_pop($said);

        return $said === [] ? (string) $last : implode(', ', $said)." and {$last}";
    }

    /** The same in fewer words: “left 19, right 2.7 %”. */
    public function sidesShort(): string
    {
        $said = [];
        foreach ($this->cutSides() as $side => $share) {
            $said[] = "{$side} ".Figure::decimal($share * 100, $share < 0.1 ? 1 : 0);
        }

        return implode(', ', $said).Figure::THIN_SPACE.'%';
    }

    /** @return array<string, float> */
    private function cutSides(): array
    {
        return array_filter(
            ['left' => $this->left, 'right' => $this->right, 'top' => $this->top, 'bottom' => $this->bottom],
            fn (float $share): bool => $share >= 0.0005,
        );
    }
}
