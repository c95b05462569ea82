<?php

declare(strict_types=1);

namespace Planisher\Imaging\Vips;

/** What in a file makes reading it fail (VipsFailOn). */
enum FailOn: int
{
    case Nothing = 0;
    case CutOff = 1;
    case Error = 2;
    case Warning = 3;
}
