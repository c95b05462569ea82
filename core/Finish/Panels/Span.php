<?php

declare(strict_types=1);

namespace Planisher\Finish\Panels;

/** A stretch of one direction, in whole nanometres; on the wall it may hang elsewhere than on the undivided print. */
final readonly class Span
{
    public function __construct(public int $from, public int $length, public int $hangsFrom) {}

    public function to(): int
    {
        return $this->from + $this->length;
    }

    public function hangsTo(): int
    {
        return $this->hangsFrom + $this->length;
    }
}
