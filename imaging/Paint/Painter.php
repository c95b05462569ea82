<?php

declare(strict_types=1);

namespace Planisher\Imaging\Paint;

use Planisher\Imaging\Vips\Image;

/** Paints one layer of a file. */
interface Painter
{
    /** @param  ?Image  $on  what has been painted so far, of the whole file; null at the first */
    public function paint(?Image $on, PaintedPage $page): Image;
}
