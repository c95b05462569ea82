<?php

declare(strict_types=1);

namespace Planisher\Imaging\Vips;

/** What an image is reduced with (VipsKernel). */
enum Kernel: int
{
    case Nearest = 0;
    case Linear = 1;
    case Cubic = 2;
    case Mitchell = 3;
    case Lanczos2 = 4;
    case Lanczos3 = 5;
}
