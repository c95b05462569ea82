<?php

declare(strict_types=1);

namespace Planisher\Measure;

/** A rectangle of whole pixels. */
final class PixelRect
{
    use Rectangle;

    public static function ofSize(int $width, int $height): self
    {
        return new self(0, 0, $width, $height);
    }

    public function area(): int
    {
        return $this->width * $this->height;
    }

    /** At another scale: its edges are rounded, not its sides; it stays at least a pixel wide. */
    public function scaled(float $across, float $down): self
    {
        return self::edges(
            (int) round($this->x * $across),
            (int) round($this->y * $down),
            (int) round($this->right() * $across),
            (int) round($this->bottom() * $down),
        );
    }

    /** Moved into another by as little as can be; it is no larger than that. */
    public function movedInto(self $other): self
    {
        return new self(
            max($other->x, min($this->x, $other->right() - $this->width)),
            max($other->y, min($this->y, $other->bottom() - $this->height)),
            $this->width,
            $this->height,
        );
    }

    /** @return array{x: int, y: int, width: int, height: int} */
    public function toArray(): array
    {
        return ['x' => $this->x, 'y' => $this->y, 'width' => $this->width, 'height' => $this->height];
    }
}
