<?php

declare(strict_types=1);

namespace Planisher\Finish\Panels;

use Planisher\Finding\Check;
use Planisher\Finding\Finding;
use Planisher\Finding\Remedy;
use Planisher\Line\LineChange;
use Planisher\Measure\Unit;
use Planisher\Phrase\SidesPhrase;
use Planisher\Plan\LineContext;
use Planisher\Plan\MarkedOnPaper;
use Planisher\Plan\Plan;

/**
 * Measures each area that must stay in against the joints of panels, and proposes proportions that touch none.
 *
 * @implements Check<PanelsWanted, PanelGrid>
 */
final class MarkedClearsJoints implements Check
{
    public function judge(LineContext $at): ?Finding
    {
        $plan = $at->plan;
        $worst = $plan === null ? null : self::nearest($plan);
        if ($worst === null || $plan === null) {
            return null;
        }
        [$distance, $one, $across, $joint] = $worst;
        $unit = SidesPhrase::fine($plan->size()->width->unit);
        $which = self::named($joint, $across, $plan);
        if ($distance < 0) {
            return Finding::stops(
                'must-stay-in-joint',
                "“{$one->area->label}” lies on a joint",
                ucfirst($which).' goes through it, '.SidesPhrase::length(-$distance, $unit).' from its edge.',
                self::mend($at, $plan),
            );
        }

        return $distance < JointProposal::clear()->nanometres
            ? Finding::look(
                'must-stay-in-near-joint',
                "“{$one->area->label}” is close to a joint",
                ucfirst($which).' is '.SidesPhrase::length($distance, $unit).' away.',
                self::mend($at, $plan),
            )
            : Finding::fine(
                'must-stay-in-off-joints',
                'No joint touches what is marked',
                'The nearest is '.SidesPhrase::length($distance, $unit)." from “{$one->area->label}”.",
            );
    }

    /**
     * @param  Plan<PanelGrid>  $plan
     * @return ?array{int, MarkedOnPaper, bool, int} how far in nanometres, below 0 inside; which area; a joint between columns;
     *                                               which joint from 0
     */
    private static function nearest(Plan $plan): ?array
    {
        $grid = $plan->layout->own;
        $nearest = null;
        foreach (MarkedOnPaper::all($plan) as $one) {
            $ways = [[true, $grid->columns, $one->box->x, $one->box->right()], [false, $grid->rows, $one->box->y, $one->box->bottom()]];
            foreach ($ways as [$across, $spans, $from, $to]) {
                foreach (PanelGrid::joints($spans) as $i => [$start, $end]) {
                    $distance = max($from - $end, $start - $to);
                    if ($nearest === null || $distance < $nearest[0]) {
                        $nearest = [$distance, $one, $across, $i];
                    }
                }
            }
        }

        return $nearest;
    }

    /** @param  Plan<PanelGrid>  $plan */
    private static function named(int $joint, bool $across, Plan $plan): string
    {
        $grid = $plan->layout->own;
        $joints = count($across ? $grid->columns : $grid->rows) - 1;
        $place = match (true) {
            $joints === 1 => '',
            $joints === 2 && $across => ['left ', 'right '][$joint],
            $joints === 2 => ['upper ', 'lower '][$joint],
            default => $joint + 1 .'. ',
        };

        return "the {$place}joint".($across ? '' : ' between rows');
    }

    /**
     * @param  LineContext<PanelsWanted, PanelGrid>  $at
     * @param  Plan<PanelGrid>  $plan
     */
    private static function mend(LineContext $at, Plan $plan): ?Remedy
    {
        $grid = $plan->layout->own;
        $marked = MarkedOnPaper::all($plan);
        $clears = fn (Plan $changed): bool => (self::nearest($changed)[0] ?? 0) >= JointProposal::clear()->nanometres;
        $columns = JointProposal::lengths(
            $grid->columns,
            array_map(fn (MarkedOnPaper $one): array => [$one->box->x, $one->box->right()], $marked),
            $plan->size()->width,
            $grid->between,
        );
        $rows = JointProposal::lengths(
            $grid->rows,
            array_map(fn (MarkedOnPaper $one): array => [$one->box->y, $one->box->bottom()], $marked),
            $plan->size()->height,
            $grid->between,
        );
        $shared = array_filter([
            'columns' => count($grid->columns) > 1 && $columns !== null ? array_map(strval(...), $columns) : null,
            'rows' => count($grid->rows) > 1 && $rows !== null ? array_map(strval(...), $rows) : null,
        ]);
        $change = LineChange::of(['panels' => $shared]);
        if ($shared !== [] && $at->changedBy($change, $clears)) {
            $said = implode(
                ' and ',
                array_map(
                    fn (array $lengths): string => implode(
                        ', ',
                        array_map(fn (string $length): string => (string) preg_replace('/ .*/', '', $length), $lengths),
                    ),
                    $shared,
                ),
            );

            return new Remedy("Share it out as {$said}".self::unit($shared), $change);
        }

        return $at->changedBy(LineChange::without('window'), $clears)
            ? new Remedy('Move the window to its place', LineChange::without('window'))
            : null;
    }

    /** @param  array<string, list<string>>  $lengths */
    private static function unit(array $lengths): string
    {
        $first = array_values($lengths)[0][0];

        return ' '.(Unit::spelled((string) preg_replace('/^[\d.]+ /', '', $first))->value ?? '');
    }
}
