<?php

declare(strict_types=1);

namespace Planisher\Imaging\Paint;

use Planisher\Imaging\Vips\Image;
use Planisher\Plan\Layer\PictureLayer;

/** Lays a picture, or what of it lies in the file. */
final class PicturePainter implements Painter
{
    public function __construct(private readonly PictureLayer $placed) {}

    public function paint(?Image $on, PaintedPage $page): Image
    {
        [$target, $whole] = [$this->placed->target, $page->file->whole()];
        $image = $page->sources->of($this->placed->picture)->placed($this->placed, $page->file, $page->kernel);
        $seen = $target->within($whole);
        if (! $seen->equals($target)) {
            $image = $image->cut($seen->from($target));
        }

        return $on === null || $seen->equals($whole) ? $image : $on->inserted($image, $seen->x, $seen->y);
    }
}
