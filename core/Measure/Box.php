<?php

declare(strict_types=1);

namespace Planisher\Measure;

/** A rectangle on paper, in whole nanometres from the ordered paper's top left corner; left and top may be below 0. */
final readonly class Box
{
    public function __construct(public int $left, public int $top, public int $width, public int $height) {}

    public static function ofSize(Size $size): self
    {
        return new self(0, 0, $size->width->nanometres, $size->height->nanometres);
    }

    public function right(): int
    {
        return $this->left + $this->width;
    }

    public function bottom(): int
    {
        return $this->top + $this->height;
    }

    /** Grown by so much on every side. */
    public function grown(int $by): self
    {
        return new self($this->left - $by, $this->top - $by, $this->width + 2 * $by, $this->height + 2 * $by);
    }

    /** What of it lies in another; at least a nanometre each way. */
    public function within(self $other): self
    {
        [$left, $top] = [max($this->left, $other->left), max($this->top, $other->top)];

        return new self($left, $top, max(1, min($this->right(), $other->right()) - $left), max(1, min($this->bottom(), $other->bottom()) - $top));
    }

    public function ratio(): Ratio
    {
        return Ratio::of($this->width, $this->height);
    }

    public function equals(self $other): bool
    {
        return $this == $other;
    }

    /** @return array{left: float, top: float, width: float, height: float} in mm */
    public function toArray(): array
    {
        return array_map(fn (int $nanometres): float => $nanometres / Unit::Millimetre->nanometres(), get_object_vars($this));
    }
}
