<?php

declare(strict_types=1);

namespace Planisher\Finish\Panels;

use Planisher\Measure\Unit;
use Planisher\Plan\MarkedOnPaper;
use Planisher\Plan\Plan;

/**
 * A joint between panels as the drawing has it, in mm: where its middle hangs, where that is on the undivided print, how far
 * it can be dragged there, and the places it should catch on.
 */
final readonly class Joint
{
    /** A panel is at least so wide, in nanometres: what a lab could still print. */
    public const NARROWEST = 10_000_000;

    /** @param  list<float>  $catches  positions on the undivided print: halves, thirds, and clear of what is marked */
    private function __construct(
        public string $name,
        public bool $across,
        public float $hangs,
        public float $at,
        public float $least,
        public float $most,
        public array $catches,
    ) {}

    /**
     * @param  Plan<PanelGrid>  $plan
     * @return list<self>
     */
    public static function all(Plan $plan): array
    {
        $grid = $plan->layout->own;
        $marked = MarkedOnPaper::all($plan);
        $columns = array_map(fn (MarkedOnPaper $one): array => [$one->box->x, $one->box->right()], $marked);
        $rows = array_map(fn (MarkedOnPaper $one): array => [$one->box->y, $one->box->bottom()], $marked);

        return [
            ...self::of('joint-column', true, $grid->columns, $grid->between, $plan->size()->width->nanometres, $columns),
            ...self::of('joint-row', false, $grid->rows, $grid->between, $plan->size()->height->nanometres, $rows),
        ];
    }

    /**
     * The middle of a joint on the undivided print, in nanometres.
     *
     * @param  non-empty-list<Span>  $spans
     */
    public static function middle(array $spans, int $joint): int
    {
        return intdiv($spans[$joint]->to() + $spans[$joint + 1]->from, 2);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return get_object_vars($this);
    }

    /**
     * @param  non-empty-list<Span>  $spans
     * @param  list<array{int, int}>  $marked  from and to
     * @return list<self>
     */
    private static function of(string $name, bool $across, array $spans, int $between, int $side, array $marked): array
    {
        $mm = fn (int $nanometres): float => $nanometres / Unit::Millimetre->nanometres();
        $away = JointProposal::clear()->nanometres + intdiv(abs($between), 2);
        $catches = [intdiv($side, 2), intdiv($side + 1, 3), intdiv(2 * $side + 1, 3)];
        foreach ($marked as [$from, $to]) {
            array_push($catches, $from - $away, $to + $away);
        }
        $joints = [];
        foreach (PanelGrid::joints($spans) as $i => $joint) {
            $half = intdiv($between, 2);
            $joints[] = new self(
                $name.'-'.($i + 1),
                $across,
                $mm(intdiv($spans[$i]->hangsTo() + $spans[$i + 1]->hangsFrom, 2)),
                $mm(self::middle($spans, $i)),
                $mm($spans[$i]->from + self::NARROWEST + $half),
                $mm($spans[$i + 1]->to() - self::NARROWEST - $half),
                array_map(
                    $mm,
                    array_values(array_filter($catches, fn (int $at): bool => $at > $spans[$i]->from && $at < $spans[$i + 1]->to())),
                ),
            );
        }

        return $joints;
    }
}
