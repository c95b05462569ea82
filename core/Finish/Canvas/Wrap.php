<?php

declare(strict_types=1);

namespace Planisher\Finish\Canvas;

use Planisher\Lab\CanvasCard;
use Planisher\Measure\EdgeDepth;
use Planisher\Measure\Resolution;
use Planisher\Measure\Size;
use Planisher\Plan\OfFinish;

/** What lies round a canvas's face on every side, in whole nanometres: the edge round the bar, then the spare. */
final readonly class Wrap implements OfFinish
{
    /** @param  bool  $isTooDeep  the wanted one can't be; none at all is drawn instead */
    private function __construct(
        public int $depth,
        public int $spare,
        public EdgeDepth $typedDepth,
        public EdgeDepth $typedSpare,
        public bool $isTooDeep,
    ) {}

    public static function of(CanvasWanted $wanted, Size $face, CanvasCard $lab, Resolution $resolution): self
    {
        [$typedDepth, $typedSpare] = [$wanted->depthFor($lab), $wanted->spareFor($lab)];
        [$depth, $spare] = [$typedDepth->on($face, $resolution), $typedSpare->on($face, $resolution)];
        $isTooDeep = 2 * ($depth + $spare) > min($face->width->nanometres, $face->height->nanometres);

        return new self($isTooDeep ? 0 : $depth, $isTooDeep ? 0 : $spare, $typedDepth, $typedSpare, $isTooDeep);
    }

    public function around(): int
    {
        return $this->depth + $this->spare;
    }
}
