<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Picture\PictureFacts;
use Planisher\Plan\LineContext;

/** Looks at one thing that can go wrong with a picture of a line. */
interface PictureCheck
{
    /** What was found, or null when there is nothing to say. */
    public function lookAt(PictureFacts $picture, LineContext $at): ?Finding;
}
