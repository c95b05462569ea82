<?php

declare(strict_types=1);

namespace Planisher\Colour;

/** How colours that do not fit are drawn in (ICC.1, rendering intents); relative is always with black point compensation. */
enum Intent: string
{
    case Relative = 'relative';
    case Perceptual = 'perceptual';
}
