<?php

declare(strict_types=1);

namespace Planisher\Colour;

/** How strongly a file is sharpened for its output. */
enum Strength: string
{
    case Normal = 'normal';
    case Gentle = 'gentle';
    case None = 'none';
}
