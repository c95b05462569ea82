<?php

declare(strict_types=1);

namespace Planisher\Measure;

/** A rectangle of whole pixels: left and top edge, width and height. */
final readonly class PixelRect
{
    public function __construct(public int $x, public int $y, public int $width, public int $height) {}

    public function area(): int
    {
        return $this->width * $this->height;
    }

    /** @return array{x: int, y: int, width: int, height: int} */
    public function toArray(): array
    {
        return ['x' => $this->x, 'y' => $this->y, 'width' => $this->width, 'height' => $this->height];
    }
}
