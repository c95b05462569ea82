<?php

declare(strict_types=1);

namespace Planisher\Imaging\Vips;

/** How far an image is turned, to the right (VipsAngle). */
enum Angle: int
{
    case None = 0;
    case Right = 1;
    case Half = 2;
    case Left = 3;
}
