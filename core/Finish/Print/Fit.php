<?php

declare(strict_types=1);

namespace Planisher\Finish\Print;

/** How a picture meets its paper: cropped to fill it, or whole inside it. */
enum Fit: string
{
    case Fill = 'fill';
    case Whole = 'whole';
}
