<?php

declare(strict_types=1);

namespace Planisher\Line;

/** What a key of a line is said of. */
enum KeyScope
{
    /** The line as a whole, whatever it is made into */
    case Line;

    /** A print: each print of a shared sheet has its own */
    case Cell;

    /** The paper or the piece: all prints of a shared sheet have the same */
    case Sheet;

    /** What the lab does to what is printed: it is in no file */
    case Lab;

    /** What its files are called */
    case Name;

    /** Whether what is said is said of all prints of a sheet at once. */
    public function isOfWholeSheet(): bool
    {
        return $this === self::Sheet || $this === self::Lab;
    }
}
