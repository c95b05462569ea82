<?php

declare(strict_types=1);

namespace Planisher\Colour;

/** A colour in CIE 1976 L*a*b* of white point D65, as sRGB's own (IEC 61966-2-1; CIE 15:2004, 8.2.1). */
final readonly class CieLab
{
    private const WHITE = [0.95047, 1.0, 1.08883];

    public function __construct(public float $lightness, public float $a, public float $b) {}

    public static function ofRgb(Rgb $rgb): self
    {
        [$r, $g, $b] = array_map(function (float $code): float {
            $v = $code / 255;

            return $v <= 0.04045 ? $v / 12.92 : (($v + 0.055) / 1.055) ** 2.4;
        }, $rgb->codes());
        $f = fn (float $t): float => $t > 216 / 24389 ? $t ** (1 / 3) : ((24389 / 27) * $t + 16) / 116;
        $x = $f((0.4124 * $r + 0.3576 * $g + 0.1805 * $b) / self::WHITE[0]);
        $y = $f((0.2126 * $r + 0.7152 * $g + 0.0722 * $b) / self::WHITE[1]);
        $z = $f((0.0193 * $r + 0.1192 * $g + 0.9505 * $b) / self::WHITE[2]);

        return new self(116 * $y - 16, 500 * ($x - $y), 200 * ($y - $z));
    }

    /** Of light of 0 to 1 and above, L* of 0 to 100 and above (CIE 15:2004, 8.2.1). */
    public static function lightnessOf(float $light): float
    {
        return $light > 216 / 24389 ? 116 * $light ** (1 / 3) - 16 : (24389 / 27) * $light;
    }

    /** Of lightness, the light. */
    public static function lightOf(float $lightness): float
    {
        return $lightness > 8 ? (($lightness + 16) / 116) ** 3 : ($lightness * 27) / 24389;
    }

    public function chroma(): float
    {
        return hypot($this->a, $this->b);
    }

    /** The square of the distance, ΔE*ab (CIE 1976). */
    public function squaredDistance(self $other): float
    {
        return ($this->lightness - $other->lightness) ** 2 + ($this->a - $other->a) ** 2 + ($this->b - $other->b) ** 2;
    }
}
