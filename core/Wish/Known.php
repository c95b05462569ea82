<?php

declare(strict_types=1);

namespace Planisher\Wish;

use Planisher\Lab\LabCard;
use Planisher\Measure\Unit;

/** What there is to be spoken of: the lab and what it offers, the studio's marks and its unit. */
final readonly class Known
{
    /** @param  list<string>  $marks  file names of the studio's marks, the usual one first */
    public function __construct(public LabCard $lab, public array $marks = [], public Unit $unit = Unit::Inch) {}
}
