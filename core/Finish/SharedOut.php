<?php

declare(strict_types=1);

namespace Planisher\Finish;

use Planisher\Finding\Remedy;

/** How something too large can be had in smaller pieces. */
final readonly class SharedOut
{
    /** @param  string  $words  “3 × 1 panels” */
    public function __construct(public string $words, public Remedy $remedy) {}
}
