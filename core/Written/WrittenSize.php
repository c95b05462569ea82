<?php

declare(strict_types=1);

namespace Planisher\Written;

/** A size as it was written. */
final readonly class WrittenSize
{
    /**
     * @param  string  $typed  as Size::parse reads it
     * @param  int  $end  the place of the word behind it
     * @param  float  $least  the smaller figure of its sides, 0 where they have none
     * @param  bool  $isNamed  “A4”, “6R”
     * @param  bool  $isOfThree  it stands in a row of three sides: “8 x 10 x 2”
     * @param  bool  $isMixed  two signs stand between three sides: “1 by 5x7”
     * @param  bool  $hasComma  a comma stands in it that could as well be one between two numbers: “5x7,3”
     */
    public function __construct(
        public string $typed,
        public int $end,
        public float $cost = 0.0,
        public float $least = 0.0,
        public bool $isNamed = false,
        public bool $isOfThree = false,
        public bool $isMixed = false,
        public bool $hasComma = false,
    ) {}
}
