<?php

declare(strict_types=1);

namespace Planisher\Colour;

/** What the samples of a picture stand for. */
enum Channels: string
{
    case Rgb = 'RGB';
    case Grey = 'grey';
    case Cmyk = 'CMYK';
}
