<?php

declare(strict_types=1);

namespace Planisher\Imaging\Vips;

/** VipsOperationMath2: how a number and another make one */
enum Math2: int
{
    case Power = 0;
}
