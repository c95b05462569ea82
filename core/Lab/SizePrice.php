<?php

declare(strict_types=1);

namespace Planisher\Lab;

use Planisher\Measure\Size;
use Planisher\OrderFile\Node;

/** What one print of a listed size costs. */
final readonly class SizePrice
{
    private const MOST = 100_000;

    private function __construct(public Size $size, public float $price) {}

    /** @throws \Planisher\OrderFile\OrderFileError */
    public static function fromNode(Node $node): self
    {
        $node->object(['size', 'price']);

        return new self($node->need('size')->size(), $node->need('price')->number(0, self::MOST));
    }

    /** @return array{size: string, price: float} */
    public function toArray(): array
    {
        return ['size' => (string) $this->size, 'price' => $this->price];
    }
}
