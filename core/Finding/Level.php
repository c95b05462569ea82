<?php

declare(strict_types=1);

namespace Planisher\Finding;

/** How much a finding weighs. */
enum Level: string
{
    case Stops = 'stops';
    case Look = 'look';
    case Fine = 'fine';

    public function rank(): int
    {
        return match ($this) {
            self::Stops => 0,
            self::Look => 1,
            self::Fine => 2,
        };
    }
}
