<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Line\LineChange;
use Planisher\Line\Wanted;
use Planisher\Plan\LineContext;
use Planisher\Plan\OfFinish;
use Planisher\Plan\Plan;

/** A way out that is one press: a change to the line. */
final readonly class Remedy
{
    public function __construct(public string $label, public LineChange $change) {}

    /**
     * The first of several that has the line come out as is wanted: what a remedy promises is tried before it is offered.
     *
     * @template O of OfFinish|null
     *
     * @param  list<self>  $remedies
     * @param  LineContext<Wanted, O>  $at
     * @param  callable(Plan<O>): bool  $helps
     */
    public static function firstOf(array $remedies, LineContext $at, callable $helps): ?self
    {
        foreach ($remedies as $remedy) {
            if ($at->changedBy($remedy->change, $helps)) {
                return $remedy;
            }
        }

        return null;
    }

    /** @return array{label: string, change: array<string, mixed>} */
    public function toArray(): array
    {
        return ['label' => $this->label, 'change' => $this->change->toArray()];
    }
}
