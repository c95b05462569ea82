<?php

declare(strict_types=1);

namespace Planisher\Finding;

/** How much a finding weighs. */
enum Severity: string
{
    case Error = 'stops';
    case Warning = 'look';
    /** said yes to, with others that have the same to look at */
    case Settled = 'settled';
    case Fine = 'fine';

    /** Whether nobody has to look at it any more. */
    public function isFine(): bool
    {
        return $this === self::Fine || $this === self::Settled;
    }

    public function rank(): int
    {
        return match ($this) {
            self::Error => 0,
            self::Warning => 1,
            self::Settled => 2,
            self::Fine => 3,
        };
    }
}
