<?php

declare(strict_types=1);

namespace Planisher\Written;

/** A number as it was written or spoken. */
final readonly class Number
{
    /**
     * @param  string  $typed  as lengths read it: “12”, “1 1/2”, “2.5”
     * @param  int  $end  the place of the word behind it
     * @param  bool  $isPlain  whole, in digits, without noughts in front: “12”
     * @param  bool  $isWords  spoken: “twelve”, “half an”
     * @param  bool  $isPadded  “0412”: no number to count with
     * @param  bool  $isSet  “a dozen”, “a pair”
     * @param  bool  $hasComma  a decimal comma
     * @param  bool  $isThousands  “1,000”
     */
    public function __construct(
        public string $typed,
        public float $value,
        public int $end,
        public bool $isPlain = false,
        public bool $isWords = false,
        public bool $isPadded = false,
        public bool $isSet = false,
        public bool $hasComma = false,
        public bool $isThousands = false,
    ) {}

    public function isWhole(): bool
    {
        return $this->value === floor($this->value) && ! str_contains($this->typed, '/') && ! str_contains($this->typed, '.');
    }
}
