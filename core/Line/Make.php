<?php

declare(strict_types=1);

namespace Planisher\Line;

/** What a line is made into. */
enum Make: string
{
    case Print = 'print';
    case Canvas = 'canvas';
    case Panels = 'panels';
    case SharedSheet = 'shared-sheet';
    case ScreenCopy = 'screen-copy';
}
