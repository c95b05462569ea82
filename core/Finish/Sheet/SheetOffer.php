<?php

declare(strict_types=1);

namespace Planisher\Finish\Sheet;

use Planisher\Finish\Sheet\Arranging\Arrangement;
use Planisher\Lab\Price;
use Planisher\Measure\Size;

/** What it takes to put all cells on sheets of one size. */
final readonly class SheetOffer
{
    /** @param  ?Price  $price  of all sheets; null where the lab card has none */
    public function __construct(public Size $size, public Arrangement $arrangement, public ?Price $price) {}

    /** @return array{bool, float} the less, the better: a price counts before paper */
    public function cost(): array
    {
        $sheets = $this->arrangement->sheets();

        return [
            $this->price === null,
            $this->price === null ? $sheets * $this->size->areaSquareInches() : (float) $this->price->hundredths,
        ];
    }
}
