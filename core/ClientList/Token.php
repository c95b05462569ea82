<?php

declare(strict_types=1);

namespace Planisher\ClientList;

use Planisher\Measure\Size;
use Planisher\Wish\Offer;

/** Words of one line of a client's list, and what they are. */
final class Token
{
    /**
     * @param  int  $at  in bytes from the line's start
     * @param  array<string, mixed>  $change  what a wish changes of a line
     * @param  list<string>  $pictures  by name
     * @param  ?string  $why  what isn't sure about it
     * @param  list<Offer>  $offers  other words for it
     */
    public function __construct(
        public readonly Kind $kind,
        public readonly int $at,
        public readonly int $length,
        public readonly ?int $count = null,
        public readonly ?Size $size = null,
        public readonly array $change = [],
        public readonly array $pictures = [],
        public ?string $why = null,
        public array $offers = [],
    ) {}

    /** @param  list<Offer>  $offers */
    public function doubt(string $why, array $offers = []): void
    {
        $this->why ??= $why;
        $this->offers = $this->offers ?: $offers;
    }

    /** The same in another place. */
    public function at(int $at, int $length): self
    {
        return new self($this->kind, $at, $length, $this->count, $this->size, $this->change, $this->pictures, $this->why, $this->offers);
    }

    public function end(): int
    {
        return $this->at + $this->length;
    }
}
