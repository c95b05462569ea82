<?php

declare(strict_types=1);

namespace Planisher\Finish\Sheet\Arranging;

use Planisher\Measure\Box;

/** One straight cut from edge to edge of a piece. */
final readonly class GuillotineCut
{
    /**
     * @param  Box  $piece  that is cut, on the sheet
     * @param  bool  $isDown  from its top to its bottom; else from its left to its right
     * @param  int  $at  on the sheet, in nanometres
     */
    public function __construct(public Box $piece, public bool $isDown, public int $at) {}

    /** How far from the piece's left or top edge, as it is measured when one stands at the trimmer. */
    public function fromEdge(): int
    {
        return $this->at - ($this->isDown ? $this->piece->x : $this->piece->y);
    }

    /** @return array{Box, Box} the left or upper piece, and the other */
    public function pieces(): array
    {
        $piece = $this->piece;

        return $this->isDown
            ? [
                Box::edges($piece->x, $piece->y, $this->at, $piece->bottom()),
                Box::edges($this->at, $piece->y, $piece->right(), $piece->bottom()),
            ]
            : [
                Box::edges($piece->x, $piece->y, $piece->right(), $this->at),
                Box::edges($piece->x, $this->at, $piece->right(), $piece->bottom()),
            ];
    }
}
