<?php

declare(strict_types=1);

namespace Planisher\Plan;

use Planisher\Measure\PixelRect;

/** How a print lies on larger paper: its top left corner there, in pixels, and whether it is turned a quarter to the right. */
final readonly class Placement
{
    /** @param  PixelRect  $print  as it is planned by itself, from 0, 0 */
    public function __construct(private PixelRect $print, private int $x, private int $y, public bool $isTurned = false) {}

    /** Where something of the print comes to lie. */
    public function rect(PixelRect $of): PixelRect
    {
        return $this->isTurned
            ? new PixelRect($this->x + $this->print->height - $of->bottom(), $this->y + $of->x, $of->height, $of->width)
            : $of->moved($this->x, $this->y);
    }

    /**
     * Where a point of the print comes to lie.
     *
     * @return array{float, float}
     */
    public function point(float $x, float $y): array
    {
        return $this->isTurned ? [$this->x + $this->print->height - $y, $this->y + $x] : [$this->x + $x, $this->y + $y];
    }

    /** What the whole print takes of the paper. */
    public function place(): PixelRect
    {
        return $this->rect($this->print);
    }
}
