<?php

declare(strict_types=1);

namespace Planisher\Reading\Discourse;

use Planisher\Reading\Chart\ChartItem;

/** What belongs together of a sentence: pictures, a size, how many, and what is wished of them. */
final class Segment
{
    /** @var list<ChartItem> */
    public array $pictures = [];

    /** “All”, “the rest”, “the same”, “the last two”, where those are the pictures */
    public ?ChartItem $scope = null;

    public ?ChartItem $size = null;

    /** “In the same size”, “ditto”: as what was said before */
    public ?ChartItem $same = null;

    public ?ChartItem $count = null;

    public bool $isEach = false;

    public bool $isAlso = false;

    /** As a heading: it holds even where a line says otherwise, “two of each instead of one” */
    public bool $isStronger = false;

    /** @var list<ChartItem> */
    public array $wishes = [];

    /** @var list<ChartItem> */
    public array $remarks = [];

    /** @var list<string> pictures that are left out of it */
    public array $excepted = [];

    /** @return list<string> */
    public function names(): array
    {
        return array_values(
            array_unique(array_merge(...array_map(fn (ChartItem $item): array => $item->names(), $this->pictures), ...[[]])),
        );
    }

    public function hasPictures(): bool
    {
        return $this->pictures !== [] || $this->scope !== null;
    }

    public function isBegun(): bool
    {
        return $this->hasPictures() || $this->size !== null || $this->count !== null || $this->same !== null;
    }

    /** @return list<ChartItem> */
    public function items(): array
    {
        return array_values(array_filter([...$this->pictures, $this->scope, $this->size, $this->same, $this->count, ...$this->wishes]));
    }

    /** The first words that say something of it. */
    public function first(): ?ChartItem
    {
        return $this->items()[0] ?? null;
    }

    public function isSure(): bool
    {
        return array_filter($this->items(), fn (ChartItem $item): bool => $item->isAsked()) === [];
    }
}
