<?php

declare(strict_types=1);

namespace Planisher\Phrase;

use Planisher\Measure\Length;
use Planisher\Measure\Side;
use Planisher\Measure\Unit;

/** Lengths on four sides in words: “0.5 in above and below, 1.5 in left and right”; a side without any isn't named. */
final class SidesPhrase
{
    public static function say(int $top, int $right, int $bottom, int $left, Unit $unit): string
    {
        $said = [];
        foreach ([['above', $top, 'below', $bottom], ['left', $left, 'right', $right]] as [$one, $first, $other, $second]) {
            if ($first === $second && $first > 0) {
                $said[] = self::length($first, $unit)." {$one} and {$other}";
            } else {
                $said = [
                    ...$said,
                    ...array_values(
                        array_filter([
                            $first > 0 ? self::length($first, $unit)." {$one}" : null,
                            $second > 0 ? self::length($second, $unit)." {$other}" : null,
                        ]),
                    ),
                ];
            }
        }

        return implode(', ', $said);
    }

    /** The unit small distances read best in: cm are told in mm. */
    public static function fine(Unit $unit): Unit
    {
        return $unit === Unit::Centimetre ? Unit::Millimetre : $unit;
    }

    /** “at the top”, “on the left” */
    public static function on(Side $side): string
    {
        return match ($side) {
            Side::Top => 'at the top',
            Side::Right => 'on the right',
            Side::Bottom => 'at the bottom',
            Side::Left => 'on the left',
        };
    }

    public static function length(int $nanometres, Unit $unit): string
    {
        return Length::ofNanometres($nanometres, $unit)->label();
    }
}
