<?php

declare(strict_types=1);

namespace Planisher\Finish\Sheet;

use Planisher\Finish\Sheet\Arranging\CutOrder;
use Planisher\Finish\Sheet\Arranging\GuillotineCut;
use Planisher\Measure\Length;
use Planisher\Measure\Unit;

/** The cuts of a sheet in words, in their order: “1 straight down at 3 in; 2 across at 2 in”. */
final class CutsWording
{
    public static function of(CutOrder $order, Unit $unit): string
    {
        $said = array_map(
            fn (GuillotineCut $cut, int $at): string => $at + 1 .' '.self::cut($cut, $at === 0, $unit),
            $order->cuts,
            array_keys($order->cuts),
        );

        return $said === [] ? '' : implode('; ', $said).'.';
    }

    /** Measured from the left or top edge of the piece that is cut then. */
    private static function cut(GuillotineCut $cut, bool $isFirst, Unit $unit): string
    {
        $at = Length::ofNanometres($cut->fromEdge(), $unit)->label();
        $piece = $isFirst
            ? ''
            : ' of the piece of '.
                Length::ofNanometres($cut->piece->width, $unit)->number.
                ' × '.
                Length::ofNanometres($cut->piece->height, $unit)->label();

        return ($cut->isDown ? 'straight down' : 'straight across')." at {$at}{$piece}";
    }
}
