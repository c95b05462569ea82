<?php

declare(strict_types=1);

namespace Planisher\Finish\Panels;

use Planisher\Finding\Check;
use Planisher\Finding\Finding;
use Planisher\Finding\Remedy;
use Planisher\Line\LineChange;
use Planisher\Measure\Length;
use Planisher\Measure\Unit;
use Planisher\Plan\LineContext;

/**
 * Stops typed widths and heights that do not add up to the whole, and gaps and overlaps that leave no room.
 *
 * @implements Check<PanelsWanted, PanelGrid>
 */
final class PanelsAddUp implements Check
{
    public function judge(LineContext $at): ?Finding
    {
        if ($at->plan === null) {
            return null;
        }
        [$grid, $panels, $paper] = [$at->plan->layout->own, $at->line->wanted, $at->plan->size()];
        if (! $grid->holds) {
            $both = $panels->gap->nanometres > 0 && $panels->overlap->nanometres > 0;

            return Finding::stops(
                $both ? 'gap-and-overlap' : 'panels-no-room',
                $both ? 'Panels can’t hang apart and overlap' : 'There is no room left for panels',
                $both
                    ? 'Prints that are pasted together overlap; panels that hang apart don’t.'
                    : 'Gaps or overlaps take all of it. See that their unit is right.',
                new Remedy(
                    $both ? 'No overlap' : 'No gap, no overlap',
                    LineChange::of([
                        'panels' => $both ? ['overlap' => null] : ['gap' => null, 'overlap' => null],
                    ]),
                ),
            );
        }
        foreach (
            [
                ['columns', 'widths', $panels->columns, $grid->missingAcross, $paper->width],
                ['rows', 'heights', $panels->rows, $grid->missingDown, $paper->height],
            ] as [$key, $word, $shares, $missing, $side]
        ) {
            if ($missing !== null && $shares->lengths !== null) {
                return self::dontAddUp(
                    $key,
                    $word,
                    $shares,
                    $missing,
                    PanelGrid::shared($side->nanometres, $shares->count(), $grid->between),
                    $side->unit,
                );
            }
        }

        return null;
    }

    private static function dontAddUp(string $key, string $word, PanelShares $shares, int $missing, int $whole, Unit $unit): Finding
    {
        $lengths = $shares->lengths ?? [];
        $sum = Length::exact((int) array_sum($shares->proportions), $unit)->label();
        $last = end($lengths) ?: Length::zero($unit);
        $mended =
            $last->nanometres + $missing > 0
                ? new Remedy(
                    'Make the last '.Length::exact($last->nanometres + $missing, $unit)->label(),
                    LineChange::of([
                        'panels' => [
                            $key => [
                                ...array_map(strval(...), array_slice($lengths, 0, -1)),
                                (string) Length::exact($last->nanometres + $missing, $unit),
                            ],
                        ],
                    ]),
                )
                : new Remedy(
                    'Keep their proportions',
                    LineChange::of([
                        'panels' => [
                            $key => array_map(
                                fn (float $nanometres): float => round($nanometres / $unit->nanometres(), 3),
                                $shares->proportions,
                            ),
                        ],
                    ]),
                );

        return Finding::stops(
            'panels-dont-add-up',
            "The {$word} don’t add up",
            "{$shares->label()} make {$sum}; {$word} of ".
                Length::exact($whole, $unit)->label().
                ' are to be shared out: '.
                Length::exact(abs($missing), $unit)->label().
                ($missing > 0 ? ' are missing.' : ' too much.').
                ' They are drawn in proportion.',
            $mended,
        );
    }
}
