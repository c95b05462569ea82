<?php

declare(strict_types=1);

namespace Planisher\Language\Words;

/** Pictures that were named. */
final readonly class Named
{
    /**
     * @param  list<string>  $names
     * @param  bool  $isNumber  by a number alone, without a word that says so
     * @param  bool  $isSeveral  more than one may be meant by one word: “the puppies”
     * @param  bool  $isPlural  and more than one is: the word says so
     */
    public function __construct(
        public array $names,
        public bool $isNumber = false,
        public bool $isSeveral = false,
        public bool $isPlural = false,
    ) {}
}
