<?php

declare(strict_types=1);

namespace Planisher\Measure;

/** Width to height as two whole numbers in lowest terms: 3:2. */
final readonly class Ratio
{
    private function __construct(public int $width, public int $height) {}

    /** @throws MeasureError when either is not above 0 */
    public static function of(int $width, int $height): self
    {
        if ($width < 1 || $height < 1) {
            throw MeasureError::noRatio($width, $height);
        }
        for ($a = $width, $b = $height; $b !== 0; [$a, $b] = [$b, $a % $b]);

        return new self(intdiv($width, $a), intdiv($height, $a));
    }

    public function turned(): self
    {
        return new self($this->height, $this->width);
    }

    public function __toString(): string
    {
        return "{$this->width}:{$this->height}";
    }
}
