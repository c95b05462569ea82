<?php

declare(strict_types=1);

namespace Planisher\Drawing;

/** One dimension of the drawing: what it measures, from where to where in mm from the paper's corner, and its figure. */
final readonly class Dimension
{
    /** @param  bool  $across  measured from left to right, else from top to bottom */
    public function __construct(
        public string $name,
        public string $label,
        public bool $across,
        public bool $isMargin,
        public float $from,
        public float $to,
        public bool $canBeTyped,
    ) {}

    /** @return DimensionShape */
    public function toArray(): array
    {
        return [
            'name' => $this->name,
            'label' => $this->label,
            'across' => $this->across,
            'isMargin' => $this->isMargin,
            'from' => $this->from,
            'to' => $this->to,
            'canBeTyped' => $this->canBeTyped,
        ];
    }
}
