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
        return new self(self::cells($computation, $line, $place), $place);
    }

    /**
     * Changes of several, as one of the line.
     *
     * @param  non-empty-array<int, LineChange>  $changes  by place
     *
     * @throws OrderFileError
     */
    public static function changeEach(Computation $computation, Line $line, array $changes): LineChange
    {
        return self::cells($computation, $line, ...array_keys($changes))->changeEach($changes);
    }

    /** @throws OrderFileError */
    private static function cells(Computation $computation, Line $line, int ...$places): Cells
    {
        $cells =
            Finishes::cells($computation->line($line)->at) ??
            throw new OrderFileError(
                'cell',
                implode(', ', $places),
                'a line that carries several prints',
                'This line carries one print only.',
            );
        foreach ($places as $place) {
            isset($cells->all[$place]) ||
                throw new OrderFileError('cell', (string) $place, 'a cell of this line', 'There is no such cell.');
        }

        return $cells;
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
