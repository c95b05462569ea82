<?php

declare(strict_types=1);

namespace Planisher\Imaging\Sources;

use Planisher\Imaging\Vips\Angle;
use Planisher\Imaging\Vips\Direction;
use Planisher\Imaging\Vips\Image;
use Planisher\Measure\PixelRect;
use Planisher\Picture\PictureFacts;

/** How a picture is turned and mirrored from the way it is stored in to the way it is seen (Exif 2.3, tag Orientation). */
final class Orientation
{
    /** A rectangle of the upright picture in the coordinates it is stored in. */
    public static function asStored(PixelRect $r, PictureFacts $picture): PixelRect
    {
        [$w, $h] = [$picture->width, $picture->height];
        [$right, $below] = [$w - $r->x - $r->width, $h - $r->y - $r->height];

        return match ($picture->orientation) {
            1 => $r,
            2 => new PixelRect($right, $r->y, $r->width, $r->height),
            3 => new PixelRect($right, $below, $r->width, $r->height),
            4 => new PixelRect($r->x, $below, $r->width, $r->height),
            5 => new PixelRect($r->y, $r->x, $r->height, $r->width),
            6 => new PixelRect($r->y, $right, $r->height, $r->width),
            7 => new PixelRect($below, $right, $r->height, $r->width),
            8 => new PixelRect($below, $r->x, $r->height, $r->width),
            default => throw new \LogicException("Orientation {$picture->orientation} does not exist."),
        };
    }

    /**
     * A quarter to the right.
     *
     * @param  Image  $image  held
     */
    public static function turned(Image $image): Image
    {
        return $image->run('rot', [Angle::Right]);
    }

    /** @param  Image  $image  held, where columns come first */
    public static function upright(Image $image, int $orientation): Image
    {
        $turn = fn (Image $i, Angle $by): Image => $i->run('rot', [$by]);
        $mirror = fn (Image $i): Image => $i->run('flip', [Direction::Across]);

        return match ($orientation) {
            2 => $mirror($image),
            3 => $turn($image, Angle::Half),
            4 => $mirror($turn($image, Angle::Half)),
            5 => $mirror($turn($image, Angle::Right)),
            6 => $turn($image, Angle::Right),
            7 => $mirror($turn($image, Angle::Left)),
            8 => $turn($image, Angle::Left),
            default => $image,
        };
    }
}
