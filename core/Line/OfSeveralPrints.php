<?php

declare(strict_types=1);

namespace Planisher\Line;

use Planisher\Measure\Size;

/** What carries several prints, of one picture or of many. */
interface OfSeveralPrints extends Wanted
{
    /** @return non-empty-list<array{Size, int}> the sizes of its prints, and how many of each, copies counted */
    public function prints(): array;
}
