<?php

declare(strict_types=1);

namespace Planisher\Line;

use Planisher\Lab\LabCard;

/** What is wanted of a finish whose files have to be told apart. */
interface InSeveralFiles extends Wanted
{
    /**
     * What the files of one line are told apart by, in their order; an empty text where there is one.
     *
     * @return non-empty-list<string>
     */
    public function apart(LabCard $lab): array;
}
