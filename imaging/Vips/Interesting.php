<?php

declare(strict_types=1);

namespace Planisher\Imaging\Vips;

/** What makes a part of an image interesting (VipsInteresting). */
enum Interesting: int
{
    case Nothing = 0;
    case Centre = 1;
    case Entropy = 2;
    case Attention = 3;
}
