<?php

declare(strict_types=1);

namespace Planisher\Finish\Panels;

use Planisher\Finding\Remedy;
use Planisher\Finish\SharedOut;
use Planisher\Line\LineChange;
use Planisher\Measure\Length;
use Planisher\Measure\Size;

/** The fewest equal panels of which each is a piece that the lab makes. */
final class FewestPanels
{
    public static function of(Size $whole, Size $largest): ?SharedOut
    {
        $best = null;
        for ($columns = 1; $columns <= PanelShares::MOST; $columns++) {
            for ($rows = 1; $rows <= PanelShares::MOST; $rows++) {
                if (
                    $largest->holds(self::panel($whole, $columns, $rows)) &&
                    ($best === null || [$columns * $rows, $rows] < [$best[0] * $best[1], $best[1]])
                ) {
                    $best = [$columns, $rows];
                }
            }
        }

        return $best === null ? null : self::sharedOut(...$best);
    }

    private static function sharedOut(int $columns, int $rows): SharedOut
    {
        $panels = ['columns' => array_fill(0, $columns, 1), 'rows' => $rows === 1 ? null : array_fill(0, $rows, 1)];

        return new SharedOut(
            "{$columns} × {$rows} panels",
            new Remedy(
                'Share it out between '.$columns * $rows.' panels',
                LineChange::of(['make' => PanelsFinish::NAME, 'panels' => $panels]),
            ),
        );
    }

    private static function panel(Size $whole, int $columns, int $rows): Size
    {
        $side = fn (Length $of, int $by): Length => Length::ofNanometres(max(1, intdiv($of->nanometres, $by)), $of->unit);

        return Size::of($side($whole->width, $columns), $side($whole->height, $rows));
    }
}
