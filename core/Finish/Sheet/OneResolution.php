<?php

declare(strict_types=1);

namespace Planisher\Finish\Sheet;

use Planisher\Finding\Check;
use Planisher\Finding\Finding;
use Planisher\Finding\Remedy;
use Planisher\Line\LineChange;
use Planisher\Plan\LineContext;
use Planisher\Plan\Scale;

/** Tells that a sheet can't have its pictures' own pixels: they have one resolution together. */
final class OneResolution implements Check
{
    public function judge(LineContext $at): ?Finding
    {
        $made = Scale::asked($at->line, $at->lab)->label();

        return $at->line->output->ownPixels
            ? Finding::look(
                'sheet-one-resolution',
                'A sheet has one resolution',
                "The pictures’ own pixels can’t be kept beside each other; it is made at {$made}.",
                new Remedy("Make it at {$made}", LineChange::of(['output' => ['ppi' => null]])),
            )
            : null;
    }
}
