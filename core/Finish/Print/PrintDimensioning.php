<?php

declare(strict_types=1);

namespace Planisher\Finish\Print;

use Planisher\Colour\Rgb;
use Planisher\Drawing\Dimensions;
use Planisher\Finish\DrawsParts;
use Planisher\Finish\TakesFigures;
use Planisher\Finish\TypedFigure;
use Planisher\Finish\UsesOfLab;
use Planisher\Line\LineChange;
use Planisher\Line\LineSpec;
use Planisher\Measure\Length;
use Planisher\Measure\MeasureError;
use Planisher\Measure\Side;
use Planisher\Measure\Unit;
use Planisher\Plan\Layout;
use Planisher\Plan\LineContext;

/**
 * A print as it is drawn: its sheet, what is trimmed away, the image and the paper left free round it.
 *
 * @implements DrawsParts<PrintWanted, PrintLayout>
 * @implements TakesFigures<PrintWanted, PrintLayout>
 * @implements UsesOfLab<PrintWanted, PrintLayout>
 */
final class PrintDimensioning implements DrawsParts, TakesFigures, UsesOfLab
{
    public function dimensions(Layout $layout): array
    {
        $drawn = new Dimensions($layout->size);
        $own = $layout->own;
        [$width, $height] = [$layout->size->width->nanometres, $layout->size->height->nanometres];
        if ($own->carrier !== null) {
            [$left, $top] = [-$own->surplus(Side::Left), -$own->surplus(Side::Top)];
            [$across, $down] = [$own->carrier->width, $own->carrier->height];
            $drawn
                ->size('sheet-width', true, $left, $left + $across->nanometres, false, $across->label())
                ->size('sheet-height', false, $top, $top + $down->nanometres, false, $down->label())
                ->margin('trim-top', false, $top, 0, false)
                ->margin('trim-bottom', false, $height, $height + $own->surplus(Side::Bottom), false)
                ->margin('trim-left', true, $left, 0, false)
                ->margin('trim-right', true, $width, $width + $own->surplus(Side::Right), false);
        }
        $drawn->ordered();
        if (! $layout->imageFillsPaper()) {
            $image = $layout->image;
            $isTyped = $own->opening === null; // else the opening says it
            $drawn
                ->size('image-width', true, $image->x, $image->right(), $isTyped)
                ->size('image-height', false, $image->y, $image->bottom(), $isTyped)
                ->margin('margin-top', false, 0, $image->y, $isTyped)
                ->margin('margin-bottom', false, $image->bottom(), $height, $isTyped)
                ->margin('margin-left', true, 0, $image->x, $isTyped)
                ->margin('margin-right', true, $image->right(), $width, $isTyped);
        }
        if ($own->opening !== null) {
            $drawn
                ->size('opening-width', true, $own->opening->x, $own->opening->right(), false)
                ->size('opening-height', false, $own->opening->y, $own->opening->bottom(), false);
        }

        return $drawn->all();
    }

    public function typed(LineSpec $line, Layout $layout, string $name, string $typed): LineChange
    {
        $length = Length::parse($typed, $layout->size->width->unit);
        $print = $line->wanted;
        if ($print->opening !== null) {
            throw MeasureError::impossible('The opening says how large the image is. Change the opening, or how far it is covered.');
        }
        [$what, $of] = explode('-', $name) + [1 => ''];
        $side = Side::tryFrom($of);
        if ($what === 'image' && in_array($of, ['width', 'height'], true)) {
            return $length->nanometres > 0 ? self::image($of, $length) : throw MeasureError::ofNothing('An image of 0 can’t be seen');
        }

        return $what === 'margin' && $side !== null ? self::margin($print, $layout, $side, $length) : throw TypedFigure::unknown($name);
    }

    public function uses(?LineContext $at): array
    {
        $cover = $at === null ? null : $at->line->wanted->frameCover;
        $opening = $at === null ? null : $at->line->wanted->opening;
        $carrier = $at === null ? null : PrintWording::carrier($at);

        return [
            'frameCover' => (string) ($cover ?? PrintWanted::usualFrameCover()),
            'openingCover' => (string) ($opening->cover ?? Opening::usualCover()),
            'carrier' => $carrier === null ? null : (string) $carrier,
        ];
    }

    public function parts(?LineContext $at): array
    {
        $print = $at === null ? null : $at->line->wanted;
        $keyline = $print?->keyline;

        return [
            'isWhole' => $print?->fit === Fit::Whole,
            'paperColour' => (string) ($print->paperColour ?? Rgb::white()),
            'keyline' => $keyline === null ? null : self::keyline($keyline),
            'frameCover' => $print?->framed()->in(Unit::Millimetre) ?? 0.0,
            'opening' => $at?->plan?->layout->own->opening?->toArray(),
            'ticks' => $at?->plan?->layout->own->carrier !== null && $print?->trimMarks === true,
        ];
    }

    /** @return array{width: float, colour: string} */
    private static function keyline(Keyline $keyline): array
    {
        return ['width' => $keyline->width->in(Unit::Millimetre), 'colour' => (string) $keyline->colour];
    }

    /**
     * A cropped print's border on that side; of a whole picture, or of an image that has a size of its own, the image
     * is scaled about its centre until the margin is so.
     */
    private static function margin(PrintWanted $print, Layout $layout, Side $side, Length $length): LineChange
    {
        if ($print->fit === Fit::Fill && $print->image === null) {
            return LineChange::of(['border' => $print->border->with($side, $length)->toArray()]);
        }
        [$key, $opposite, $paper] = match ($side) {
            Side::Left => ['width', Side::Right, $layout->size->width],
            Side::Right => ['width', Side::Left, $layout->size->width],
            Side::Top => ['height', Side::Bottom, $layout->size->height],
            Side::Bottom => ['height', Side::Top, $layout->size->height],
        };
        // Scaling about the centre moves both margins alike.
        $grows = $layout->margin($side) - $length->nanometres;
        $now = $key === 'width' ? $layout->image->width : $layout->image->height;
        $wanted = $now + 2 * $grows;
        if ($wanted < 1 || $wanted > $paper->nanometres || $layout->margin($opposite) - $grows < 0) {
            throw MeasureError::impossible(
                "A margin of {$length->label()} isn’t possible here: the image would ".
                    ($wanted < 1 ? 'vanish.' : 'go over the paper’s edge.'),
            );
        }

        return self::image($key, Length::exact($wanted, $paper->unit));
    }

    /**
     * One side of the image; the other follows.
     */
    private static function image(string $side, Length $length): LineChange
    {
        return LineChange::of(['image' => [$side => (string) $length, $side === 'width' ? 'height' : 'width' => null]]);
    }
}
