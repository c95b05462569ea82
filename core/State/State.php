<?php

declare(strict_types=1);

namespace Planisher\State;

/** Where something is, and where it may go from there: all other moves are faults of the program. docs/states.md has the tables. */
interface State extends \BackedEnum
{
    /** @return array<string, self> where it may go, by what brings it there */
    public function moves(): array;

    /** What it is there, in words. */
    public function meaning(): string;
}
