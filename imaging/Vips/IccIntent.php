<?php

declare(strict_types=1);

namespace Planisher\Imaging\Vips;

/** How colours are brought from one profile into another (VipsIntent; the numbers are ICC.1's). */
enum IccIntent: int
{
    case Perceptual = 0;
    case Relative = 1;
    case Saturation = 2;
    case Absolute = 3;
}
