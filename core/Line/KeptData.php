<?php

declare(strict_types=1);

namespace Planisher\Line;

/** What a file takes along of the data that its picture carries. Thumbnails never: they would show what was cropped away. */
enum KeptData: string
{
    case Credits = 'credits';

    /** When and with what it was taken: the lens, the exposure, the name of the photographer; no place, no serial numbers. */
    case Camera = 'camera';

    case Everything = 'everything';

    public function label(): string
    {
        return match ($this) {
            self::Credits => 'caption and copyright',
            self::Camera => 'its camera and exposure',
            self::Everything => 'all that the picture carries',
        };
    }
}
