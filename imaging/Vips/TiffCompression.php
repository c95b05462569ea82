<?php

declare(strict_types=1);

namespace Planisher\Imaging\Vips;

/** How a TIFF's strips are packed (VipsForeignTiffCompression). */
enum TiffCompression: int
{
    case None = 0;
    case Jpeg = 1;
    case Deflate = 2;
    case PackBits = 3;
    case Ccitt4 = 4;
    case Lzw = 5;
}
