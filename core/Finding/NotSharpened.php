<?php

declare(strict_types=1);

namespace Planisher\Finding;

/** Says so when a line asks for sharpening, which is not done yet. */
final class NotSharpened implements Check
{
    public function look(Situation $at): ?Finding
    {
        return $at->line->output->sharpenAsked ? Finding::look(
            'not-sharpened',
            'It is not sharpened',
            'The line asks for sharpening, which Planisher doesn’t do yet. The file is made without.',
        ) : null;
    }
}
