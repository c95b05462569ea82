<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Picture\PictureFacts;
use Planisher\Plan\LineContext;

/** Has every picture of a line looked at, and tells what weighs most of it. */
final class EveryPicture implements Check
{
    public function __construct(private readonly PictureCheck $check) {}

    public function judge(LineContext $at): ?Finding
    {
        $findings = array_map(fn (PictureFacts $picture): ?Finding => $this->check->lookAt($picture, $at), $at->facts());

        return Finding::worstFirst(array_values(array_filter($findings)))[0] ?? null;
    }
}
