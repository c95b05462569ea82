<?php

declare(strict_types=1);

namespace Planisher\Imaging\Vips;

/** What stands in a TIFF's packed rows (VipsForeignTiffPredictor). */
enum TiffPredictor: int
{
    case None = 1;
    case Horizontal = 2;
    case Float = 3;
}
