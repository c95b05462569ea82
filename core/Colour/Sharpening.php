<?php

declare(strict_types=1);

namespace Planisher\Colour;

/**
 * How much a file is sharpened for what it is printed on: what the pixel's aperture and the paper's spread take from the
 * finest detail an eye resolves is given back beforehand, with limits to the halo beside an edge. An eye resolves one
 * arcminute. The model and its limits were fitted to edges of 30|80, 10|95 and 45|60 L*; the limit is our choice, not a
 * published one.
 */
final readonly class Sharpening
{
    /** Cycles per degree that are given back: an eye's contrast sensitivity is still high there. */
    private const CYCLES_PER_DEGREE = 15.0;

    /** A screen is looked at from here, in mm, and has about this pixel pitch (common practice, no source). */
    private const SCREEN_PITCH = 25.4 / 96;

    private const SCREEN_DISTANCE = 600.0;

    private const LEAST_SIGMA = 0.5;

    private const MOST_SIGMA = 1.6;

    private const MOST_SLOPE = 1.5;

    /** Standard deviation of the blur a scaled picture already has, in pixels. */
    private const SOURCE_BLUR = 0.5;

    /**
     * @param  float  $sigma  of the mask, in pixels of the file
     * @param  float  $slope  of what is added to the lightness, above a difference of half an L*
     * @param  float  $darken  the most it darkens beside an edge, in L*
     * @param  float  $lighten  the most it lightens, in L*
     */
    private function __construct(public float $sigma, public float $slope, public float $darken, public float $lighten) {}

    /**
     * @param  float  $ppi  of the file
     * @param  float  $inches  where it will be looked at from
     */
    public static function for(Surface $surface, Strength $strength, float $ppi, float $inches): ?self
    {
        if ($strength === Strength::None) {
            return null;
        }
        [$pitch, $distance] = $surface === Surface::Screen ? [self::SCREEN_PITCH, self::SCREEN_DISTANCE] : [25.4 / $ppi, $inches * 25.4];
        $acuity = $distance * tan(deg2rad(1 / 60));
        $sigma = max(self::LEAST_SIGMA, min(self::MOST_SIGMA, $acuity / $pitch));
        // 15 cycles a degree at that distance, or half of what the pixels can carry
        $frequency = min(self::CYCLES_PER_DEGREE / ($distance * tan(deg2rad(1))), 0.25 / $pitch);
        $aperture = M_PI * $pitch * $frequency;
        $mtf =
            (sin($aperture) / $aperture) *
            exp(-2 * M_PI ** 2 * $frequency ** 2 * ($surface->spread() ** 2 + (self::SOURCE_BLUR * $pitch) ** 2));
        $gives = 1 - exp(-2 * M_PI ** 2 * ($sigma * $pitch) ** 2 * $frequency ** 2);
        $slope = min(self::MOST_SLOPE, (1 / $mtf - 1) / $gives);
        $darken = max(2.0, min(5.0, (4 * $acuity) / $pitch));
        $share = $strength === Strength::Gentle ? 0.5 : 1.0;

        return new self($sigma, $slope * $share, $darken * $share, 0.7 * $darken * $share);
    }

    /** @return array{sigma: float, slope: float, darken: float, lighten: float} */
    public function toArray(): array
    {
        return [
            'sigma' => round($this->sigma, 4),
            'slope' => round($this->slope, 4),
            'darken' => round($this->darken, 4),
            'lighten' => round($this->lighten, 4),
        ];
    }
}
