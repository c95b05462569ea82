<?php

declare(strict_types=1);

namespace Planisher\Imaging\Paint;

use Planisher\Imaging\Vips\Image;
use Planisher\Plan\Layer\StrokeLayer;

/** Draws a rectangle of one colour over what is there. */
final class StrokePainter implements Painter
{
    public function __construct(private readonly StrokeLayer $stroke) {}

    public function paint(?Image $on, PaintedPage $page): Image
    {
        $where = $this->stroke->where;
        $colour = Image::plain($where->width, $where->height, $page->codes($this->stroke->colour), $page->file->encoding->bits);

        return $on === null ? throw new \LogicException('A stroke is over something.') : $on->inserted($colour, $where->x, $where->y);
    }
}
