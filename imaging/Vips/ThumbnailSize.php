<?php

declare(strict_types=1);

namespace Planisher\Imaging\Vips;

/** When a thumbnail is another size than its image (VipsSize). */
enum ThumbnailSize: int
{
    case Both = 0;
    case OnlyLarger = 1;
    case OnlySmaller = 2;
    case Exact = 3;
}
