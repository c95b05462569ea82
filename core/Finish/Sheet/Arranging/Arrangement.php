<?php

declare(strict_types=1);

namespace Planisher\Finish\Sheet\Arranging;

use Planisher\Measure\Box;

/** Cells on sheets of one size, so that straight cuts from edge to edge of the piece they cut free each of them. */
final readonly class Arrangement
{
    /**
     * @param  Box  $sheet  one of them
     * @param  non-empty-list<Spot>  $spots  of the cells, in the order they were given
     */
    public function __construct(public Box $sheet, public array $spots) {}

    public function sheets(): int
    {
        return 1 + max(array_map(fn (Spot $spot): int => $spot->sheet, $this->spots));
    }

    /** @return list<Box> what the cells of a sheet take of it */
    public function on(int $sheet): array
    {
        $there = array_filter($this->spots, fn (Spot $spot): bool => $spot->sheet === $sheet);

        return array_values(array_map(fn (Spot $spot): Box => $spot->box, $there));
    }

    /** The share of all paper that no cell takes, 0 to 1. */
    public function waste(): float
    {
        $used = array_sum(array_map(fn (Spot $spot): float => (float) $spot->box->width * $spot->box->height, $this->spots));

        return 1 - $used / ((float) $this->sheet->width * $this->sheet->height * $this->sheets());
    }

    /** The same seen from its other side: what lay beside each other lies above each other. */
    public function turned(): self
    {
        $turned = fn (Box $box): Box => new Box($box->y, $box->x, $box->height, $box->width);

        return new self(
            $turned($this->sheet),
            array_map(
                fn (Spot $spot): Spot => new Spot($spot->sheet, $turned($spot->box), $spot->isTurned === $spot->isSquare()),
                $this->spots,
            ),
        );
    }

    /** How many of its cells are turned against the size they were given in. */
    public function turns(): int
    {
        return count(array_filter($this->spots, fn (Spot $spot): bool => $spot->isTurned));
    }

    /** @return non-empty-list<CutOrder> how the cells of each sheet are cut free */
    public function orders(): array
    {
        return array_map(fn (int $sheet): CutOrder => CutOrder::of($this->sheet, $this->on($sheet)), range(0, $this->sheets() - 1));
    }
}
