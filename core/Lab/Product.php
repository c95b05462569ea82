<?php

declare(strict_types=1);

namespace Planisher\Lab;

use Planisher\Measure\Size;
use Planisher\OrderFile\Node;

/** Something a lab prints on, by its own name, and the largest piece of it that it makes. */
final readonly class Product
{
    private function __construct(public string $name, public ?Size $largestPiece) {}

    public static function fromNode(Node $node): self
    {
        $node->object(['name', 'largestPiece']);

        return new self($node->need('name')->string(40), $node->maybe('largestPiece')?->size());
    }

    /** @return array<string, string> as in the order file */
    public function toArray(): array
    {
        return ['name' => $this->name] + ($this->largestPiece === null ? [] : ['largestPiece' => (string) $this->largestPiece]);
    }
}
