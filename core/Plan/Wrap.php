<?php

declare(strict_types=1);

namespace Planisher\Plan;

use Planisher\Lab\CanvasCard;
use Planisher\Line\CanvasFinish;
use Planisher\Line\EdgeDepth;
use Planisher\Measure\Resolution;
use Planisher\Measure\Size;

/** What lies round a canvas's face on every side, in whole nanometres: the edge round the bar, then the spare. */
final readonly class Wrap
{
    private function __construct(public int $depth, public int $spare, public EdgeDepth $typedDepth, public EdgeDepth $typedSpare) {}

    public static function of(CanvasFinish $wanted, Size $face, CanvasCard $lab, Resolution $resolution): self
    {
        [$depth, $spare] = [$wanted->depthFor($lab), $wanted->spareFor($lab)];

        return new self($depth->on($face, $resolution), $spare->on($face, $resolution), $depth, $spare);
    }

    /** None at all: what is drawn while the wanted one can't be. */
    public function none(): self
    {
        return new self(0, 0, $this->typedDepth, $this->typedSpare);
    }

    public function around(): int
    {
        return $this->depth + $this->spare;
    }
}
