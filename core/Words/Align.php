<?php

declare(strict_types=1);

namespace Planisher\Words;

/** Which part of its lines stands on the place of a text. */
enum Align: string
{
    case Left = 'left';
    case Middle = 'middle';
    case Right = 'right';

    /** How much of what is free beside a line lies left of it: 0, a half or 1. */
    public function share(): float
    {
        return match ($this) {
            self::Left => 0.0,
            self::Middle => 0.5,
            self::Right => 1.0,
        };
    }

    public function label(): string
    {
        return $this === self::Middle ? 'in the middle' : "on the {$this->value}";
    }
}
