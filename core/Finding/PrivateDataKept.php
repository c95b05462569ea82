<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Line\KeptData;
use Planisher\Line\LineChange;
use Planisher\Plan\LineContext;

/** Asks for a look when a file takes along what the picture carries of places and serial numbers. */
final class PrivateDataKept implements Check
{
    public function judge(LineContext $at): ?Finding
    {
        return $at->line->output->keep !== KeptData::Everything
            ? null
            : Finding::look(
                'private-data-kept',
                'The picture’s own data goes along',
                "Place, serial numbers and all else it carries go to {$at->lab->name}.",
                new Remedy('Keep caption and copyright only', LineChange::of(['output' => ['keep' => null]])),
            );
    }
}
