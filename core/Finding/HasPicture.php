<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Plan\LineContext;

/** Stops a line whose picture is not chosen, missing, changed or unreadable. */
final class HasPicture implements Check
{
    public function judge(LineContext $at): ?Finding
    {
        $trouble = $at->troubles()[0] ?? null;

        return $trouble !== null ? Finding::stops($trouble->code, $trouble->title, $trouble->text) : null;
    }
}
