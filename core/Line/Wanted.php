<?php

declare(strict_types=1);

namespace Planisher\Line;

/**
 * What is wanted of the finish that a line is made into. Each finish has its own, beside its planner; what only some have is said by
 * interfaces beside this one, and asked of the line.
 */
interface Wanted
{
    /** “print”, or “prints” of several: what one makes, without the number */
    public function label(int $copies): string;

    /** In a few words, for a list of choices: “a canvas, 2 cm deep” */
    public function inWords(): string;

    /** @return array<string, mixed> as in the order file's line, only what differs from the defaults */
    public function toArray(): array;
}
