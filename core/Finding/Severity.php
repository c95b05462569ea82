<?php

declare(strict_types=1);

namespace Planisher\Finding;

/** How much a finding weighs. */
enum Severity: string
{
    case Error = 'stops';
    case Warning = 'look';
    case Fine = 'fine';

    public function rank(): int
    {
        return match ($this) {
            self::Error => 0,
            self::Warning => 1,
            self::Fine => 2,
        };
    }
}
