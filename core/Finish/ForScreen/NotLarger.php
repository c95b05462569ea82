<?php

declare(strict_types=1);

namespace Planisher\Finish\ForScreen;

use Planisher\Finding\Check;
use Planisher\Finding\Finding;
use Planisher\Plan\LineContext;

/**
 * Tells that no lab sees a screen copy, and where the picture has fewer pixels than were asked for.
 *
 * @implements Check<ScreenWanted, ScreenLayout>
 */
final class NotLarger implements Check
{
    public function judge(LineContext $at): ?Finding
    {
        $wanted = $at->line->wanted;
        $pixels = $at->plan?->layout->own->pixels;
        if ($pixels === null) {
            return null;
        }
        $isSmaller =
            $wanted->shape === null ? max($pixels->width, $pixels->height) < $wanted->longSide : $pixels->width < $wanted->shape->width;

        return $isSmaller
            ? Finding::look(
                'screen-copy-smaller',
                'The picture has fewer pixels than that',
                "The copy has {$pixels->label()}: a picture is never enlarged for a screen.",
            )
            : Finding::fine('screen-copy', 'It is for a screen', 'It lies in a folder of its own, and isn’t sent to the lab.');
    }
}
