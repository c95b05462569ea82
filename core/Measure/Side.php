<?php

declare(strict_types=1);

namespace Planisher\Measure;

/** A side of a paper the way up it is used. */
enum Side: string
{
    case Top = 'top';
    case Right = 'right';
    case Bottom = 'bottom';
    case Left = 'left';
}
