<?php

declare(strict_types=1);

namespace Planisher\Finish\Sheet\Arranging;

/** Cells of one size, whichever way up: the gutter is counted to them, in nanometres. */
final readonly class CellSize
{
    public function __construct(public int $short, public int $long, public int $count) {}

    /** @return non-empty-list<array{int, int}> width and height of the ways it can lie */
    public function ways(): array
    {
        return $this->short === $this->long ? [[$this->short, $this->long]] : [[$this->short, $this->long], [$this->long, $this->short]];
    }

    public function area(): float
    {
        return (float) $this->short * $this->long;
    }
}
