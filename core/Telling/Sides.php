<?php

declare(strict_types=1);

namespace Planisher\Telling;

use Planisher\Measure\Length;
use Planisher\Measure\Unit;

/** Lengths on four sides in words: “0.5 in above and below, 1.5 in left and right”; a side without any isn't named. */
final class Sides
{
    public static function say(int $top, int $right, int $bottom, int $left, Unit $unit): string
    {
        $said = [];
        foreach ([['above', $top, 'below', $bottom], ['left', $left, 'right', $right]] as [$one, $first, $other, $second]) {
            if ($first === $second && $first > 0) {
                $said[] = self::length($first, $unit)." {$one} and {$other}";
            } else {
                $said = [...$said, ...array_values(array_filter([
                    $first > 0 ? self::length($first, $unit)." {$one}" : null,
                    $second > 0 ? self::length($second, $unit)." {$other}" : null,
                ]))];
            }
        }

        return implode(', ', $said);
    }

    public static function length(int $nanometres, Unit $unit): string
    {
        return Length::ofNanometres($nanometres, $unit)->label();
    }
}
