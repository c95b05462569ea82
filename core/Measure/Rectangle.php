<?php

declare(strict_types=1);

namespace Planisher\Measure;

/**
 * What a rectangle of whole numbers knows, of nanometres as of pixels: its left and top edge (x, y), its width and height.
 * Positions may be below 0.
 */
trait Rectangle
{
    public function __construct(public readonly int $x, public readonly int $y, public readonly int $width, public readonly int $height) {}

    /** From edge to edge; at least one each way. */
    public static function edges(int $left, int $top, int $right, int $bottom): self
    {
        return new self($left, $top, max(1, $right - $left), max(1, $bottom - $top));
    }

    public function right(): int
    {
        return $this->x + $this->width;
    }

    public function bottom(): int
    {
        return $this->y + $this->height;
    }

    public function isEmpty(): bool
    {
        return $this->width < 1 || $this->height < 1;
    }

    /** Grown by so much on every side; shrunk below 0. */
    public function grown(int $by): self
    {
        return new self($this->x - $by, $this->y - $by, $this->width + 2 * $by, $this->height + 2 * $by);
    }

    public function moved(int $right, int $down): self
    {
        return new self($this->x + $right, $this->y + $down, $this->width, $this->height);
    }

    /** The same, seen from another's corner. */
    public function from(self $corner): self
    {
        return $this->moved(-$corner->x, -$corner->y);
    }

    /** What of it lies in another; at least one each way. */
    public function within(self $other): self
    {
        return self::edges(
            max($this->x, $other->x),
            max($this->y, $other->y),
            min($this->right(), $other->right()),
            min($this->bottom(), $other->bottom()),
        );
    }

    public function liesIn(self $other): bool
    {
        return $this->x >= $other->x && $this->y >= $other->y && $this->right() <= $other->right() && $this->bottom() <= $other->bottom();
    }

    public function meets(self $other): bool
    {
        return $this->x < $other->right() && $other->x < $this->right() && $this->y < $other->bottom() && $other->y < $this->bottom();
    }

    /** The smallest that holds both. */
    public function with(self $other): self
    {
        return self::edges(
            min($this->x, $other->x),
            min($this->y, $other->y),
            max($this->right(), $other->right()),
            max($this->bottom(), $other->bottom()),
        );
    }

    /**
     * What of it lies round another inside it: above and below with the corners, then left and right.
     *
     * @return list<self> only those that aren't empty
     */
    public function bands(self $inner): array
    {
        return array_values(
            array_filter(
                [
                    new self($this->x, $this->y, $this->width, $inner->y - $this->y),
                    new self($this->x, $inner->bottom(), $this->width, $this->bottom() - $inner->bottom()),
                    new self($this->x, $inner->y, $inner->x - $this->x, $inner->height),
                    new self($inner->right(), $inner->y, $this->right() - $inner->right(), $inner->height),
                ],
                fn (self $band): bool => ! $band->isEmpty(),
            ),
        );
    }

    public function equals(self $other): bool
    {
        return $this->x === $other->x && $this->y === $other->y && $this->width === $other->width && $this->height === $other->height;
    }
}
