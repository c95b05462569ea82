<?php

declare(strict_types=1);

namespace Planisher\Imaging\Paint;

use Planisher\Imaging\Vips\Image;
use Planisher\Plan\Layer\GroundLayer;

/** Lays paper of one colour. */
final class GroundPainter implements Painter
{
    public function __construct(private readonly GroundLayer $ground) {}

    public function paint(?Image $on, PaintedPage $page): Image
    {
        $where = $this->ground->where;
        $paper = Image::plain($where->width, $where->height, $page->codes($this->ground->colour), $page->file->encoding->bits);

        return $on === null ? $paper : $on->inserted($paper, $where->x, $where->y);
    }
}
