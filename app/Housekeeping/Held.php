<?php

declare(strict_types=1);

namespace App\Housekeeping;

/** One thing that an instance holds: how much of it there is, and how much there may be. */
final readonly class Held
{
    /**
     * @param  string  $unit  bytes or rows
     * @param  ?int  $most  null for what is kept whatever it takes: originals and what was made of them
     */
    public function __construct(public string $name, public int $amount, public string $unit, public ?int $most, public string $rule) {}
}
