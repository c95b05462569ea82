<?php

declare(strict_types=1);

namespace Planisher\Colour;

/**
 * How a print is lifted for its paper: lightness L* in, lightness out, both 0 to 100. *Open* lifts the three-quarter tones
 * and nothing else: a smooth bump that is 0 at L* 0 and from 60 on, largest near 25. *Contrast* is an S about L* 50. The ends
 * stay where they are, and lighter always stays lighter.
 */
final readonly class ToneCurve
{
    private const OPEN_ENDS = 60.0;

    private const PEAK = 25.0;

    /** L* added at the bump's top at full strength. The steepest fall of the bump is 0.05 an L*, so at 12 the curve keeps rising. */
    public const MOST_LIFT = 12.0;

    /** Of the S at full strength: the slope in its middle is 1 + this. */
    private const MOST_CONTRAST = 0.35;

    /**
     * @param  float  $open  0 to 1
     * @param  float  $contrast  0 to 1
     */
    public function __construct(public float $open = 0.0, public float $contrast = 0.0) {}

    public function isStraight(): bool
    {
        return $this->open === 0.0 && $this->contrast === 0.0;
    }

    public function equals(self $other): bool
    {
        return $this->open === $other->open && $this->contrast === $other->contrast;
    }

    public function at(float $lightness): float
    {
        $opened = $lightness + $this->open * self::MOST_LIFT * self::bump($lightness);
        $x = $opened / 100;
        // An S with fixed ends and middle: x − k·sin(2πx)/2π, whose slope goes from 1 − k at the ends to 1 + k in the middle
        $k = $this->contrast * self::MOST_CONTRAST;

        return 100 * max(0.0, min(1.0, $x - ($k * sin(2 * M_PI * $x)) / (2 * M_PI)));
    }

    /** From 0 to 1: x^p (1 − x)^q on 0 … 60 with its top at 25, and no corner at either end. */
    private static function bump(float $lightness): float
    {
        if ($lightness <= 0 || $lightness >= self::OPEN_ENDS) {
            return 0.0;
        }
        $x = $lightness / self::OPEN_ENDS;
        $peak = self::PEAK / self::OPEN_ENDS;
        [$p, $q] = [1.5, (1.5 * (1 - $peak)) / $peak]; // the top of x^p (1 − x)^q lies at p / (p + q)

        return ($x / $peak) ** $p * ((1 - $x) / (1 - $peak)) ** $q;
    }
}
