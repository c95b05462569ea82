<?php

declare(strict_types=1);

namespace Planisher\Imaging\Vips;

/** How a sample stands to a number (VipsOperationRelational). */
enum Relation: int
{
    case Equal = 0;
    case NotEqual = 1;
    case Less = 2;
    case LessOrEqual = 3;
    case More = 4;
    case MoreOrEqual = 5;
}
