<?php

declare(strict_types=1);

namespace Planisher\Colour;

/** The CIEDE2000 colour difference (CIE 142-2001; formulas and test data: Sharma, Wu, Dalal, Color Res. Appl. 30(1), 2005). */
final class DeltaE
{
    /** Degrees by which a hue difference may come out beside 180 for rounding. */
    private const ROUNDING = 1e-9;

    /** About 1 is just noticeable side by side. */
    public static function between(CieLab $one, CieLab $other): float
    {
        $chroma = ($one->chroma() + $other->chroma()) / 2;
        $g = 0.5 * (1 - sqrt($chroma ** 7 / ($chroma ** 7 + 25 ** 7)));
        [$a1, $a2] = [(1 + $g) * $one->a, (1 + $g) * $other->a];
        [$c1, $c2] = [hypot($a1, $one->b), hypot($a2, $other->b)];
        [$h1, $h2] = [self::hue($a1, $one->b), self::hue($a2, $other->b)];

        $apart = $h2 - $h1;
        $isGrey = $c1 * $c2 === 0.0;
        $dh = match (true) {
            $isGrey => 0.0,
            abs($apart) <= 180 + self::ROUNDING => $apart,
            default => $apart > 0 ? $apart - 360 : $apart + 360,
        };
        [$dL, $dC, $dH] = [$other->lightness - $one->lightness, $c2 - $c1, 2 * sqrt($c1 * $c2) * sin(deg2rad($dh / 2))];

        [$l, $c] = [($one->lightness + $other->lightness) / 2, ($c1 + $c2) / 2];
        $h = match (true) {
            $isGrey => $h1 + $h2,
            abs($apart) <= 180 + self::ROUNDING => ($h1 + $h2) / 2,
            default => ($h1 + $h2 + ($h1 + $h2 < 360 ? 360 : -360)) / 2,
        };
        $t =
            1 -
            0.17 * cos(deg2rad($h - 30)) +
            0.24 * cos(deg2rad(2 * $h)) +
            0.32 * cos(deg2rad(3 * $h + 6)) -
            0.2 * cos(deg2rad(4 * $h - 63));
        $sL = 1 + (0.015 * ($l - 50) ** 2) / sqrt(20 + ($l - 50) ** 2);
        $sC = 1 + 0.045 * $c;
        $sH = 1 + 0.015 * $c * $t;
        $turn = -sin(deg2rad(60 * exp(-((($h - 275) / 25) ** 2)))) * 2 * sqrt($c ** 7 / ($c ** 7 + 25 ** 7));

        return sqrt(($dL / $sL) ** 2 + ($dC / $sC) ** 2 + ($dH / $sH) ** 2 + $turn * ($dC / $sC) * ($dH / $sH));
    }

    /** In degrees from 0 to 360; 0 for no colour. */
    private static function hue(float $a, float $b): float
    {
        $degrees = $a == 0.0 && $b == 0.0 ? 0.0 : rad2deg(atan2($b, $a));

        return $degrees < 0 ? $degrees + 360 : $degrees;
    }
}
