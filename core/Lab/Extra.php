<?php

declare(strict_types=1);

namespace Planisher\Lab;

use Planisher\OrderFile\JsonNode;

/** A mount or an option that a product is had with, and what it adds to the price of a piece; null where the card doesn't say. */
final readonly class Extra
{
    private function __construct(public string $name, public ?float $price) {}

    /** What it adds to one piece. */
    public function cost(string $currency): ?Price
    {
        return $this->price === null ? null : new Price((int) round($this->price * 100), $currency);
    }

    /** @throws \Planisher\OrderFile\OrderFileError */
    public static function fromNode(JsonNode $node): self
    {
        $node->object(['name', 'price']);

        return new self($node->need('name')->string(60), $node->maybe('price')?->number(0, SizePrice::MOST));
    }

    /** @return array{name: string, price?: float} as in the order file */
    public function toArray(): array
    {
        return ['name' => $this->name] + ($this->price === null ? [] : ['price' => $this->price]);
    }
}
