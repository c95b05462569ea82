<?php

declare(strict_types=1);

namespace Planisher\Imaging\Vips;

/** What lies beyond an image's edges (VipsExtend). */
enum Extend: int
{
    case Black = 0;
    case Copy = 1;
    case Repeat = 2;
    case Mirror = 3;
    case White = 4;
    case Background = 5;
}
