<?php

declare(strict_types=1);

namespace App\Lines;

use App\Models\Line;
use Planisher\Finding\Cells;
use Planisher\Finish\Finishes;
use Planisher\Line\LineChange;
use Planisher\OrderFile\OrderFileError;

/** One of the prints that a line carries, by its place: a cell of a shared sheet. */
final readonly class CellOfLine
{
    private function __construct(private Cells $cells, private int $place) {}

    /** @throws OrderFileError where the line carries one print only, or has no such cell */
    public static function of(Computation $computation, Line $line, int $place): self
    {
        $worked = $computation->line($line);
        $cells =
            Finishes::cells($worked->at) ??
            throw new OrderFileError('cell', (string) $place, 'a line that carries several prints', 'This line carries one print only.');
        isset($cells->all[$place]) || throw new OrderFileError('cell', (string) $place, 'a cell of this line', 'There is no such cell.');

        return new self($cells, $place);
    }

    /** A change of it, as one of the line. */
    public function change(LineChange $change): LineChange
    {
        return $this->cells->change($this->place, $change);
    }

    /** @return LineForm what stands in it, as a line of its own */
    public function form(): array
    {
        return $this->cells->all[$this->place]->line->toArray();
    }
}
