<?php

declare(strict_types=1);

namespace Planisher\Line;

/** What is wanted of a finish that is always printed on one product. */
interface PrintedOn extends Wanted
{
    /** By the lab's name, where the line doesn't say. */
    public function printedOn(): string;
}
