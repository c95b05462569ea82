<?php

declare(strict_types=1);

namespace Planisher\Drawing;

use Planisher\Line\EdgeDepth;
use Planisher\Line\Fit;
use Planisher\Line\Line;
use Planisher\Line\PrintFinish;
use Planisher\Line\Side;
use Planisher\Measure\Length;
use Planisher\Measure\MeasureError;
use Planisher\Measure\Size;
use Planisher\Plan\Layout;
use Planisher\Plan\PanelGrid;
use Planisher\Plan\Span;

/** What a figure typed into the drawing changes of the line, as a merge patch (RFC 7386) of its order-file form. */
final class TypedFigure
{
    /**
     * @param  ?Layout  $layout  null while the line has no picture
     * @return array<string, mixed>
     *
     * @throws MeasureError when the text is no length, or there is no such figure
     */
    public static function change(Line $line, ?Layout $layout, string $name, string $typed): array
    {
        $paper = $layout->paper ?? $line->crop?->size;
        if ($paper === null) {
            throw new MeasureError('This line has no drawing.');
        }
        $parts = explode('-', $name);
        if ($parts[0] === 'depth' || $parts[0] === 'spare') {
            return ['canvas' => [$parts[0] => (string) EdgeDepth::parse($typed, $paper->width->unit)]];
        }
        $length = Length::parse($typed, $paper->width->unit);
        if ($parts[0] === 'paper') {
            return self::paper($paper, $parts[1] === 'width' ? Size::of($length, $paper->height) : Size::of($paper->width, $length));
        }
        $side = Side::tryFrom($parts[1] ?? '');

        return match (true) {
            $layout === null => throw new MeasureError('There is no picture on this paper yet.'),
            $layout->grid !== null => self::panels($layout->grid, $paper, $parts, $length),
            $line->print === null => throw new MeasureError("“{$name}” is no figure that can be typed into."),
            $name === 'image-width', $name === 'image-height' => $length->nanometres > 0
                ? self::image($parts[1], $length)
                : throw new MeasureError('An image of 0 can’t be seen. Give a length above 0.'),
            $parts[0] === 'margin' && $side !== null => self::margin($line->print, $layout, $side, $length),
            default => throw new MeasureError("“{$name}” is no figure that can be typed into."),
        };
    }

    /**
     * A gap, the width or height of a panel, or where a joint lies. A panel that changes takes from its neighbour.
     *
     * @param  non-empty-list<string>  $parts  of the figure's name: column-2, joint-row-1, gap-across
     * @return array<string, mixed>
     */
    private static function panels(PanelGrid $grid, Size $paper, array $parts, Length $length): array
    {
        if ($parts[0] === 'gap') {
            return ['panels' => ['gap' => (string) $length]];
        }
        $isJoint = $parts[0] === 'joint';
        $across = $parts[$isJoint ? 1 : 0] === 'column';
        $spans = $across ? $grid->columns : $grid->rows;
        $number = (int) ($parts[$isJoint ? 2 : 1] ?? 0);
        if ($number < 1 || $number > count($spans) - ($isJoint ? 1 : 0) || count($spans) < 2) {
            throw new MeasureError('There is no such panel.');
        }
        // The last panel moves the joint before it, every other the one behind it.
        $joint = $isJoint ? $number - 1 : min($number - 1, count($spans) - 2);
        $half = intdiv($grid->between, 2);
        $at = match (true) {
            $isJoint => $length->nanometres,
            $number - 1 === $joint => $spans[$joint]->from + $length->nanometres + $half,
            default => $spans[$joint + 1]->to() - $length->nanometres - $half,
        };

        return ['panels' => [$across ? 'columns' : 'rows' => self::moved($spans, $joint, $at - $half, $grid->between, $across ? $paper->width : $paper->height)]];
    }

    /**
     * All lengths once a joint has been moved.
     *
     * @param  non-empty-list<Span>  $spans
     * @param  int  $end  where the panel before the joint ends, in nanometres
     * @return list<string>
     */
    private static function moved(array $spans, int $joint, int $end, int $between, Length $side): array
    {
        [$before, $after] = [$spans[$joint], $spans[$joint + 1]];
        [$wide, $rest] = [$end - $before->from, $after->to() - $end - $between];
        if ($wide < Joint::NARROWEST || $rest < Joint::NARROWEST) {
            $said = fn (int $nanometres): string => Length::ofNanometres($nanometres + intdiv($between, 2), $side->unit)->label();
            throw new MeasureError("A joint can’t go past its neighbour: this one lies between {$said($before->from + Joint::NARROWEST)} and {$said($after->to() - Joint::NARROWEST - $between)}.");
        }
        $lengths = array_map(fn (Span $span): int => $span->length, $spans);
        [$lengths[$joint], $lengths[$joint + 1]] = [$wide, $rest];

        return array_map(fn (int $nanometres): string => (string) Length::exact($nanometres, $side->unit), array_values($lengths));
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
