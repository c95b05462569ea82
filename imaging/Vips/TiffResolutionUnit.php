<?php

declare(strict_types=1);

namespace Planisher\Imaging\Vips;

/** What a TIFF's resolution is by (VipsForeignTiffResunit). */
enum TiffResolutionUnit: int
{
    case Centimetre = 0;
    case Inch = 1;
}
