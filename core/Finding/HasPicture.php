<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Picture\PictureTrouble;

/** Stops a line whose picture is not chosen, missing, changed or unreadable. */
final class HasPicture implements Check
{
    public function look(Situation $at): ?Finding
    {
        $trouble = $at->picture;

        return $trouble instanceof PictureTrouble ? Finding::stops($trouble->code, $trouble->title, $trouble->text) : null;
    }
}
