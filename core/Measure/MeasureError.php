<?php

declare(strict_types=1);

namespace Planisher\Measure;

/** A measure that can't be read. The message quotes what was typed and says what would do. */
final class MeasureError extends \InvalidArgumentException
{
    public static function noPixels(string $typed): self
    {
        return new self("“{$typed}” is no number of pixels. Write one such as 1600 px.");
    }

    public static function noPlace(string $typed): self
    {
        return new self("“{$typed}” is no place. Give how far from the left and from the top, such as 1 in, 2 in.");
    }

    public static function noDrawing(): self
    {
        return new self('This line has no drawing.');
    }

    public static function noPictureYet(): self
    {
        return new self('There is no picture on this paper yet.');
    }

    /** @param  string  $what such as “panel” */
    public static function noSuch(string $what): self
    {
        return new self("There is no such {$what}.");
    }

    /** @param  string  $why such as “A cell of 0 can’t be cut out” */
    public static function ofNothing(string $why): self
    {
        return new self("{$why}. Give a length above 0.");
    }

    /** What can't be done where it is, such as a joint beyond its neighbour. */
    public static function impossible(string $why): self
    {
        return new self($why);
    }

    public static function notTyped(string $figure): self
    {
        return new self("“{$figure}” is no figure that can be typed into.");
    }

    public static function noShare(string $typed): self
    {
        return new self("“{$typed}” says no share of the face’s short side. Write a number up to 100 before the %, such as 5 %.");
    }

    public static function noDepthInPixels(string $typed, int $most): self
    {
        return new self("“{$typed}” is no depth in pixels. Write a whole number up to ".$most.', such as 240 px.');
    }

    public static function noLength(string $typed): self
    {
        return new self("“{$typed}” is not a length. Write a number and its unit, such as 8 in, 20.3 cm or 203 mm.");
    }

    public static function lengthInPixels(string $typed): self
    {
        return new self("“{$typed}” is in pixels, and paper has none. Give the length in in, cm or mm.");
    }

    public static function noUnit(string $unit, string $typed): self
    {
        return new self("“{$unit}” in “{$typed}” is no unit for paper. Use in, cm or mm.");
    }

    public static function negative(string $number): self
    {
        return new self("“{$number}” is below 0, and paper starts at 0.");
    }

    public static function thousandsOrDecimal(string $number): self
    {
        return new self("“{$number}” could be thousands or a decimal. Write the decimal with a point.");
    }

    public static function noNumber(string $number): self
    {
        return new self("“{$number}” is not a number such as 8, 20.3 or 8 1/2.");
    }

    public static function tooLong(string $number): self
    {
        return new self("“{$number}” is longer than anything printed.");
    }

    public static function noPixelSize(string $typed, int $most): self
    {
        return new self("“{$typed}” is no shape for a screen. Write two sides in pixels up to ".$most.', such as 1080 × 1350 px.');
    }

    public static function noRatio(int $width, int $height): self
    {
        return new self("A ratio of {$width} to {$height} has no shape; both must be above 0.");
    }

    public static function noRatioTyped(string $typed): self
    {
        return new self("“{$typed}” is no ratio. Write two numbers, up to ".Ratio::MOST.' to 1, such as 16:9 or 2.39:1.');
    }

    public static function resolutionOfNothing(): self
    {
        return new self('A resolution needs pixels and a length, both above 0.');
    }

    public static function noResolution(string $text): self
    {
        return new self("“{$text}” is not a resolution. Write pixels per inch, such as 300, or per centimetre, such as 120 px/cm.");
    }

    public static function tooManyDecimals(string $number): self
    {
        return new self("“{$number}” is not a resolution; four decimals are the most.");
    }

    public static function resolutionOutOfRange(string $number, string $unit, int $most): self
    {
        return new self("“{$number}” pixels per {$unit} is out of range: 1 to ".$most.' per inch.');
    }

    public static function sideOfNothing(Length $width, Length $height): self
    {
        return new self("“{$width} × {$height}” has a side of 0. Give both sides.");
    }

    public static function sizeInPixels(string $typed): self
    {
        return new self("“{$typed}” is in pixels. A print is measured on paper: give the size in in, cm or mm.");
    }

    public static function noSize(string $typed): self
    {
        return new self("“{$typed}” is not a size. Write two sides and a unit, such as 8 × 10 in, 60 × 40 cm or A4.");
    }

    public static function noShareOfImage(string $typed): self
    {
        return new self("“{$typed}” is no share of the image’s width. Write a number up to 100 before the %, such as 18 %.");
    }

    public static function noTypeHeight(string $typed): self
    {
        return new self("“{$typed}” is no height for type. Give one from 0.5 mm to 500 mm, such as 3 mm, 1/8 in or 9 pt.");
    }
}
