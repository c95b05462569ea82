<?php

declare(strict_types=1);

namespace App\Making;

use App\Models\Make;

/** What came of asking for files. */
final readonly class Started
{
    /**
     * @param  ?Make  $make  null where nothing is to be made
     * @param  list<string>  $stopped  which lines were to be made and weren't, and why, in words
     */
    public function __construct(public ?Make $make, public array $stopped) {}
}
