<?php

declare(strict_types=1);

namespace Planisher\Finish\Sheet;

use Planisher\Finding\Check;
use Planisher\Finding\Finding;
use Planisher\Finding\Remedy;
use Planisher\Line\LineChange;
use Planisher\Plan\LineContext;

/** Stops a sheet that carries no copy of a cell. */
final class CellHasCopies implements Check
{
    public function judge(LineContext $at): ?Finding
    {
        return $at->line->copies > 0
            ? null
            : Finding::stops(
                'cell-no-copies',
                'No copies',
                'It is wanted 0 times, so that it isn’t on the sheet. Give a number, or take the cell out.',
                new Remedy('Make it 1', LineChange::of(['copies' => 1])),
            );
    }
}
