<?php

declare(strict_types=1);

namespace Planisher\Finish;

use Planisher\Lab\LabCard;
use Planisher\Line\LineSpec;

/** One thing a house finish may settle; each can be left out. */
final readonly class Choice
{
    /**
     * @param  string  $name  its own, the same in what is stored
     * @param  non-empty-list<string>  $keys  places in the order file's line, a dot goes deeper
     * @param  \Closure(LineSpec): string  $words  what a line has chosen here, in words
     * @param  ?\Closure(LineSpec, LabCard): ?string  $lacks  what of that a lab doesn't have, in words; null for nothing
     * @param  ?string  $finish  the only finish that it says something of; null for all
     */
    public function __construct(
        public string $name,
        public array $keys,
        private \Closure $words,
        private ?\Closure $lacks = null,
        public ?string $finish = null,
    ) {}

    public function words(LineSpec $line): string
    {
        return ($this->words)($line);
    }

    public function lacks(LineSpec $line, LabCard $lab): ?string
    {
        return $this->lacks === null ? null : ($this->lacks)($line, $lab);
    }
}
