<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Picture\PictureFacts;
use Planisher\Plan\LineContext;

/** Asks for a look when the decoder stumbled over a picture: most such are damaged, some only written untidily. */
final class PictureSound implements PictureCheck
{
    public function lookAt(PictureFacts $picture, LineContext $at): ?Finding
    {
        $warnings = $picture->warnings;

        return $warnings === 0
            ? null
            : Finding::look(
                'picture-damaged',
                'The picture may be damaged',
                'Unpacking it gave '.
                    ($warnings === 1 ? 'a warning' : "{$warnings} warnings").
                    ': part of it may be missing or in wrong colours. Look at it one to one, or export it again from the original.',
            );
    }
}
