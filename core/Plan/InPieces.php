<?php

declare(strict_types=1);

namespace Planisher\Plan;

use Planisher\Measure\Box;

/** What is made in several pieces that are ordered one by one: each has to be one that the lab makes. */
interface InPieces extends OfFinish
{
    /** @return non-empty-array<string, Box> where each lies on the print, by what it is called: “The panel left” */
    public function pieces(): array;
}
