<?php

declare(strict_types=1);

namespace Planisher\Lab;

use Planisher\Measure\Figure;

/** An amount of money in the lab's currency. */
final readonly class Price
{
    /** @param  int  $hundredths  of the currency's unit */
    public function __construct(public int $hundredths, public string $currency) {}

    public function times(int $many): self
    {
        return new self($this->hundredths * $many, $this->currency);
    }

    /** “1.80 €” */
    public function label(): string
    {
        return number_format($this->hundredths / 100, 2, '.', Figure::THIN_SPACE).Figure::THIN_SPACE.$this->currency;
    }
}
