<?php

declare(strict_types=1);

namespace Planisher\Line;

use Planisher\Lab\LabCard;
use Planisher\Measure\Size;

/** What may be printed on paper of another size than is asked for. */
interface OnASheet extends Wanted
{
    /**
     * The paper that is ordered of the lab.
     *
     * @param  ?Size  $asked  null where no size was
     * @return ?Size null where it is the size that is asked for, or no sheet of the lab would do
     */
    public function sheetFor(?Size $asked, LabCard $lab): ?Size;
}
