<?php

declare(strict_types=1);

namespace Planisher\Words;

/** One line of a text that is set: its letters, and where they stand, in nanometres from the left top of their block. */
final readonly class SetLine
{
    /**
     * @param  string  $text  in reading order
     * @param  float  $left  of the first letter's place, whichever way it is read
     */
    public function __construct(public string $text, public float $left, public float $baseline, public float $width) {}
}
