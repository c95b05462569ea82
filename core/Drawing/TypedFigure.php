<?php

declare(strict_types=1);

namespace Planisher\Drawing;

use Planisher\Line\Fit;
use Planisher\Line\PrintFinish;
use Planisher\Line\Side;
use Planisher\Measure\Length;
use Planisher\Measure\MeasureError;
use Planisher\Measure\Size;
use Planisher\Plan\Layout;

/** What a figure typed into the drawing changes of the line, as a merge patch (RFC 7386) of its order-file form. */
final class TypedFigure
{
    /**
     * @param  ?Layout  $layout  null while the line has no picture
     * @return array<string, mixed>
     *
     * @throws MeasureError when the text is no length, or there is no such figure
     */
    public static function change(PrintFinish $print, ?Layout $layout, string $name, string $typed): array
    {
        $paper = $layout->paper ?? $print->size;
        $length = Length::parse($typed, $paper->width->unit);
        $parts = explode('-', $name);
        if ($parts[0] === 'paper') {
            return self::paper($paper, $parts[1] === 'width' ? Size::of($length, $paper->height) : Size::of($paper->width, $length));
        }
        $side = Side::tryFrom($parts[1] ?? '');

        return match (true) {
            $layout === null => throw new MeasureError('There is no picture on this paper yet.'),
            $name === 'image-width', $name === 'image-height' => $length->nanometres > 0
                ? self::image($parts[1], $length)
                : throw new MeasureError('An image of 0 can’t be seen. Give a length above 0.'),
            $parts[0] === 'margin' && $side !== null => self::margin($print, $layout, $side, $length),
            default => throw new MeasureError("“{$name}” is no figure that can be typed into."),
        };
    }

    /**
     * A paper typed to stand the other way up than it did is meant to: it no longer turns to suit the picture.
     *
     * @return array<string, mixed>
     */
    private static function paper(Size $before, Size $after): array
    {
        $lies = fn (Size $size): int => $size->width->nanometres <=> $size->height->nanometres;

        return ['size' => (string) $after] + ($lies($after) === $lies($before) || $lies($after) === 0 ? [] : ['turn' => $lies($after) > 0 ? 'landscape' : 'portrait']);
    }

    /**
     * A cropped print's border on that side; of a whole picture, or of an image that has a size of its own, the image
     * is scaled about its centre until the margin is so.
     *
     * @return array<string, mixed>
     */
    private static function margin(PrintFinish $print, Layout $layout, Side $side, Length $length): array
    {
        if ($print->fit === Fit::Fill && $print->image === null) {
            return ['border' => $print->border->with($side, $length)->toArray()];
        }
        [$key, $opposite, $paper] = match ($side) {
            Side::Left => ['width', Side::Right, $layout->paper->width],
            Side::Right => ['width', Side::Left, $layout->paper->width],
            Side::Top => ['height', Side::Bottom, $layout->paper->height],
            Side::Bottom => ['height', Side::Top, $layout->paper->height],
        };
        // Scaling about the centre moves both margins alike.
        $grows = $layout->margin($side) - $length->nanometres;
        $now = $key === 'width' ? $layout->image->width : $layout->image->height;
        $wanted = $now + 2 * $grows;
        if ($wanted < 1 || $wanted > $paper->nanometres || $layout->margin($opposite) - $grows < 0) {
            throw new MeasureError("A margin of {$length->label()} isn’t possible here: the image would ".($wanted < 1 ? 'vanish.' : 'go over the paper’s edge.'));
        }

        return self::image($key, Length::exact($wanted, $paper->unit));
    }

    /** One side of the image; the other follows. @return array<string, mixed> */
    private static function image(string $side, Length $length): array
    {
        return ['image' => [$side => (string) $length, ($side === 'width' ? 'height' : 'width') => null]];
    }
}
