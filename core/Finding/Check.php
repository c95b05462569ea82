<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Plan\LineContext;

/** Looks at one thing that can go wrong with a line. */
interface Check
{
    /** What was found, or null when there is nothing to say. */
    public function judge(LineContext $at): ?Finding;
}
