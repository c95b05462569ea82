<?php

declare(strict_types=1);

namespace Planisher\Lab;

use Planisher\Measure\Size;
use Planisher\OrderFile\JsonNode;

/** What one print of a size costs, on one paper or on any. */
final readonly class SizePrice
{
    public const MOST = 100_000;

    /** @param  ?string  $paper  by the card's name; null for every one that has no price of its own */
    private function __construct(public Size $size, public float $price, public ?string $paper) {}

    /** @throws \Planisher\OrderFile\OrderFileError */
    public static function fromNode(JsonNode $node): self
    {
        $node->object(['size', 'price', 'paper']);

        return new self($node->need('size')->size(), $node->need('price')->number(0, self::MOST), $node->maybe('paper')?->string(40));
    }

    /** @return array{size: string, price: float, paper?: string} */
    public function toArray(): array
    {
        return ['size' => (string) $this->size, 'price' => $this->price] + ($this->paper === null ? [] : ['paper' => $this->paper]);
    }
}
