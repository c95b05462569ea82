<?php

declare(strict_types=1);

namespace Planisher\Colour;

/** What a colour's hue is called, by its angle in CIE L*a*b*; the bounds are ours, about the names people use. */
final class HueName
{
    private const FROM_DEGREES = [
        0 => 'reds',
        48 => 'oranges',
        75 => 'yellows',
        110 => 'greens',
        180 => 'cyans',
        235 => 'blues',
        300 => 'purples',
        330 => 'pinks',
    ];

    private const GREY_BELOW = 5.0;

    public static function of(CieLab $colour): string
    {
        if ($colour->chroma() < self::GREY_BELOW) {
            return 'greys';
        }
        $angle = fmod(rad2deg(atan2($colour->b, $colour->a)) + 360, 360);
        $name = 'reds';
        foreach (self::FROM_DEGREES as $from => $called) {
            $name = $angle >= $from ? $called : $name;
        }

        return $name;
    }
}
