<?php

declare(strict_types=1);

namespace Planisher\Drawing;

use Planisher\Line\Side;
use Planisher\Measure\Length;
use Planisher\Measure\Size;
use Planisher\Measure\Unit;
use Planisher\Plan\Layout;

/** All dimensions of a print on its paper, the outermost first. Lengths that were typed show as they were typed. */
final class Dimensions
{
    /** @return list<Dimension> */
    public static function of(Layout $layout): array
    {
        $unit = $layout->paper->width->unit;
        $computed = fn (int $nanometres): string => Length::ofNanometres($nanometres, $unit)->label();
        $image = $layout->image;
        $paper = $layout->paper;
        [$left, $top] = [-$layout->surplus(Side::Left), -$layout->surplus(Side::Top)];
        $dimensions = [];
        $add = function (string $name, string $label, bool $across, bool $isMargin, int $from, int $to, bool $typed) use (&$dimensions): void {
            $mm = Unit::Millimetre->nanometres();
            $dimensions[] = new Dimension($name, $label, $across, $isMargin, $from / $mm, $to / $mm, $typed);
        };
        if ($layout->carrier !== null) {
            $add('sheet-width', $layout->carrier->width->label(), true, false, $left, $left + $layout->carrier->width->nanometres, false);
            $add('sheet-height', $layout->carrier->height->label(), false, false, $top, $top + $layout->carrier->height->nanometres, false);
            $add('trim-top', $computed($layout->surplus(Side::Top)), false, true, $top, 0, false);
            $add('trim-bottom', $computed($layout->surplus(Side::Bottom)), false, true, $paper->height->nanometres, $paper->height->nanometres + $layout->surplus(Side::Bottom), false);
            $add('trim-left', $computed($layout->surplus(Side::Left)), true, true, $left, 0, false);
            $add('trim-right', $computed($layout->surplus(Side::Right)), true, true, $paper->width->nanometres, $paper->width->nanometres + $layout->surplus(Side::Right), false);
        }
        $add('paper-width', $paper->width->label(), true, false, 0, $paper->width->nanometres, true);
        $add('paper-height', $paper->height->label(), false, false, 0, $paper->height->nanometres, true);
        if (! $layout->imageFillsPaper()) {
            $add('image-width', $computed($image->width), true, false, $image->left, $image->right(), true);
            $add('image-height', $computed($image->height), false, false, $image->top, $image->bottom(), true);
            $add('margin-top', $computed($image->top), false, true, 0, $image->top, true);
            $add('margin-bottom', $computed($layout->margin(Side::Bottom)), false, true, $image->bottom(), $paper->height->nanometres, true);
            $add('margin-left', $computed($image->left), true, true, 0, $image->left, true);
            $add('margin-right', $computed($layout->margin(Side::Right)), true, true, $image->right(), $paper->width->nanometres, true);
        }

        return array_values(array_filter($dimensions, fn (Dimension $d): bool => $d->to - $d->from > 0.0001));
    }

    /** @return list<Dimension> of a paper without a picture yet */
    public static function ofPaper(Size $paper): array
    {
        return [
            new Dimension('paper-width', $paper->width->label(), true, false, 0, $paper->width->in(Unit::Millimetre), true),
            new Dimension('paper-height', $paper->height->label(), false, false, 0, $paper->height->in(Unit::Millimetre), true),
        ];
    }
}
