<?php

declare(strict_types=1);

namespace Planisher\Imaging\ReadBack;

/** One figure of a finished file against the plan. */
final readonly class MeasuredFigure
{
    public function __construct(public string $what, public string $planned, public string $found, public bool $agrees) {}

    /** @return array{what: string, planned: string, found: string, agrees: bool} */
    public function toArray(): array
    {
        return ['what' => $this->what, 'planned' => $this->planned, 'found' => $this->found, 'agrees' => $this->agrees];
    }
}
