<?php

declare(strict_types=1);

namespace Planisher\Plan\Layer;

/** A line of words in pixels from the left top of its block, as it is read. */
final readonly class WordLine
{
    public function __construct(public string $text, public float $left, public float $baseline, public float $width) {}

    public function small(float $scale): self
    {
        return new self($this->text, $this->left * $scale, $this->baseline * $scale, $this->width * $scale);
    }
}
