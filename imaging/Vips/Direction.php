<?php

declare(strict_types=1);

namespace Planisher\Imaging\Vips;

/** Across or down (VipsDirection). */
enum Direction: int
{
    case Across = 0;
    case Down = 1;
}
