<?php

declare(strict_types=1);

namespace Planisher\Imaging;

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

    /** @param  Image  $image  held, where columns come first */
    public static function upright(Image $image, int $orientation): Image
    {
        $turn = fn (Image $i, int $quarters): Image => $quarters === 0 ? $i : $i->run('rot', [$quarters]);
        $mirror = fn (Image $i): Image => $i->run('flip', [0]);

        return match ($orientation) {
            2 => $mirror($image),
            3 => $turn($image, 2),
            4 => $mirror($turn($image, 2)),
            5 => $mirror($turn($image, 1)),
            6 => $turn($image, 1),
            7 => $mirror($turn($image, 3)),
            8 => $turn($image, 3),
            default => $image,
        };
    }
}
