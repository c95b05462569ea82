<?php

declare(strict_types=1);

namespace Planisher\Words;

/** A text as a face sets it on one line. */
final readonly class Run
{
    /**
     * @param  float  $width  in ems
     * @param  list<string>  $missing  the letters that the face doesn't have, each once
     */
    public function __construct(public float $width, public array $missing) {}
}
