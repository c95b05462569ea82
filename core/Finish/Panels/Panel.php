<?php

declare(strict_types=1);

namespace Planisher\Finish\Panels;

use Planisher\Measure\Box;

/** One panel of a set: its column and row from 0, where it lies on the undivided print, and where it hangs. */
final readonly class Panel
{
    public function __construct(public int $column, public int $row, public Box $box, public Box $hangs) {}
}
