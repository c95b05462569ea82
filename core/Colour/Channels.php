<?php

declare(strict_types=1);

namespace Planisher\Colour;

/** What the samples of a picture stand for. */
enum Channels: string
{
    case Rgb = 'RGB';
    case Grey = 'grey';
    case Cmyk = 'CMYK';
    case Lab = 'CIE Lab';

    public function count(): int
    {
        return match ($this) {
            self::Grey => 1,
            self::Rgb, self::Lab => 3,
            self::Cmyk => 4,
        };
    }
}
