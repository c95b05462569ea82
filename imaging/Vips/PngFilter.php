<?php

declare(strict_types=1);

namespace Planisher\Imaging\Vips;

/** What stands in a PNG's packed rows (VipsForeignPngFilter). */
enum PngFilter: int
{
    case None = 8;
    case Sub = 16;
    case Up = 32;
    case Average = 64;
    case Paeth = 128;
}
