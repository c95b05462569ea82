<?php

declare(strict_types=1);

namespace Planisher\Line;

/** Which side of a print is given where only one is. */
enum GivenSide: string
{
    case Wide = 'wide';
    case High = 'high';
    case Long = 'long';
    case Short = 'short';

    /** Whether it is the width of something of this shape. */
    public function isWidth(int $width, int $height): bool
    {
        return match ($this) {
            self::Wide => true,
            self::High => false,
            self::Long => $width >= $height,
            self::Short => $width < $height,
        };
    }

    /** For people: “12 in wide”, “12 in on the long edge”. */
    public function label(): string
    {
        return match ($this) {
            self::Wide, self::High => $this->value,
            self::Long, self::Short => "on the {$this->value} edge",
        };
    }
}
