<?php

declare(strict_types=1);

namespace Planisher\Phrase;

use Planisher\Measure\Box;
use Planisher\Measure\Figure;
use Planisher\Measure\Length;
use Planisher\Measure\Unit;
use Planisher\Plan\Plan;

/** Facts that several finishes tell: a figure and what it means, each. */
final class Facts
{
    /** @return ?array{figure: string, note: string} */
    public static function cut(Plan $plan): ?array
    {
        $cut = $plan->mostCut()->cut;

        return match (true) {
            $cut->sides() !== '' && $cut->isUnseen() => ['figure' => 'Next to nothing cut', 'note' => 'a hair at the edges'],
            $cut->sides() !== '' => ['figure' => Figure::percent($cut->area).' cut', 'note' => $cut->sidesShort()],
            $plan->layout->imageFillsPaper() => ['figure' => 'Nothing cut', 'note' => 'the whole picture is printed'],
            default => null,
        };
    }

    /** @return array{figure: string, note: string} */
    public static function sharp(Plan $plan): array
    {
        return [
            'figure' => 'Sharp from '.Figure::distance($plan->softest()->sharpness->sharpFromInches(), $plan->size()->unit()),
            'note' => 'to an eye of 1 arcminute',
        ];
    }

    /** “12 × 8 in” */
    public static function size(Box $box, Unit $unit): string
    {
        return Length::ofNanometres($box->width, $unit)->number.' × '.Length::ofNanometres($box->height, $unit)->label();
    }
}
