<?php

declare(strict_types=1);

namespace Planisher\Reading\Chart;

use Planisher\Language\Rule\ReadingRule;

/** The way that lines of one shape are read: from which word to which, and by what. */
final class Path
{
    /** @var array<string, ChartItem> what a rule has read, by its step and the words: the same words there say the same */
    private array $read = [];

    /** @param  list<array{int, int, ReadingRule|string}>  $steps */
    public function __construct(public readonly array $steps) {}

    public function read(int $step, string $words): ?ChartItem
    {
        return $this->read["{$step} {$words}"] ?? null;
    }

    public function keep(int $step, string $words, ChartItem $item): void
    {
        $this->read["{$step} {$words}"] = clone $item; // one that is doubted later on is another
    }
}
