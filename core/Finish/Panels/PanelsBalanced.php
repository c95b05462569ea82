<?php

declare(strict_types=1);

namespace Planisher\Finish\Panels;

use Planisher\Finding\Check;
use Planisher\Finding\Finding;
use Planisher\Measure\Figure;
use Planisher\Picture\ContrastMap;
use Planisher\Plan\LineContext;

/** Says where the weight of a picture across panels lies: advice, never more than that. */
final class PanelsBalanced implements Check
{
    private const IN_THE_MIDDLE = 0.05;

    public function judge(LineContext $at): ?Finding
    {
        $part = $at->plan?->only();
        if ($part?->picture->contrast === null) {
            return null;
        }
        [$across] = ContrastMap::offMiddle($part->picture->contrast, $part->window, $part->picture);

        return abs($across) < self::IN_THE_MIDDLE
            ? Finding::fine('balanced', 'The weight lies in the middle', 'As much is to be seen on the left as on the right.')
            : Finding::fine(
                'balance-off',
                'The weight lies '.Figure::percent(abs($across) / 2).($across < 0 ? ' left' : ' right').' of the middle',
                'Measured by where there is most to see. Move the window if that is not meant.',
            );
    }
}
