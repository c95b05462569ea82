<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Picture\PictureFacts;
use Planisher\Plan\LineContext;

/** Tells that transparent parts of a picture come out as paper, and that channels beside its colours are left out. */
final class NothingSeenThrough implements PictureCheck
{
    public function lookAt(PictureFacts $picture, LineContext $at): ?Finding
    {
        if ($at->plan === null) {
            return null;
        }
        if ($picture->isSeeThrough) {
            $colour = $at->plan->shown->grounds()[0]->colour;

            return Finding::look(
                'picture-flattened',
                'Transparent parts become paper',
                "The picture is transparent in places; the paper’s colour, {$colour}, shows there.",
            );
        }

        return $picture->extra === 0
            ? null
            : Finding::fine(
                'channels-left-out',
                'Extra channels left out',
                'The picture has '.
                    ($picture->extra === 1 ? 'a channel' : "{$picture->extra} channels").
                    ' beside its colours, and doesn’t say what for. It is printed without.',
            );
    }
}
