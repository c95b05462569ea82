<?php

declare(strict_types=1);

namespace Planisher\Reading\Chart;

use Planisher\Language\Offer;
use Planisher\Language\Rule\Rule;
use Planisher\Language\Words\Named;
use Planisher\Measure\Size;

/** Words of one line, and what they are. */
final class Item
{
    /**
     * @param  int  $at  in bytes from the line's start
     * @param  array<string, mixed>  $change  what a wish changes of a line
     * @param  ?string  $why  what isn't sure about it
     * @param  list<Offer>  $offers  other words for it
     * @param  mixed  $value  what it says beside: how many, of what
     * @param  bool  $isBare  a number without a frame that says what it is
     */
    public function __construct(
        public Kind $kind,
        public readonly int $at,
        public readonly int $length,
        public ?int $count = null,
        public readonly ?Size $size = null,
        public array $change = [],
        public readonly ?Named $named = null,
        public ?string $why = null,
        public array $offers = [],
        public readonly mixed $value = null,
        public readonly bool $isEach = false,
        public readonly bool $isBare = false,
        public readonly ?Rule $rule = null,
        public readonly string $words = '',
    ) {}

    /** @param  list<Offer>  $offers */
    public function doubt(string $why, array $offers = []): void
    {
        if ($this->why === null) {
            $this->why = $why;
            $this->offers = $offers ?: $this->offers;
        }
    }

    /** It says nothing of prints. */
    public function pass(): void
    {
        $this->kind = Kind::Passed;
        $this->why = null;
    }

    public function end(): int
    {
        return $this->at + $this->length;
    }

    /** @return list<string> pictures by name */
    public function names(): array
    {
        return $this->named->names ?? [];
    }
}
