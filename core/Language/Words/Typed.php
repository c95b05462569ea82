<?php

declare(strict_types=1);

namespace Planisher\Language\Words;

use Planisher\Language\Offer;

/** What words may be: a length, a size, a number, pictures; and what it costs to take them so. */
final readonly class Typed
{
    /**
     * @param  int  $end  the place of the word behind it
     * @param  ?string  $why  what isn't sure about it
     * @param  list<Offer>  $offers  other words for it
     */
    public function __construct(
        public int $end,
        public mixed $value,
        public float $cost = 0.0,
        public ?string $why = null,
        public array $offers = [],
    ) {}

    /** The same so many words further on. */
    public function moved(int $by): self
    {
        return new self($this->end + $by, $this->value, $this->cost, $this->why, $this->offers);
    }
}
