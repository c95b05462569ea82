<?php

declare(strict_types=1);

namespace Planisher\Lab\Requirements;

use Planisher\Measure\Unit;

/** Knows one thing that labs say on their pages. */
interface RequirementRule
{
    /** @return array<string, list<string>|string> by field what a statement says of it; nothing where it says nothing or is in doubt */
    public function read(Statement $statement, Unit $bare): array;
}
