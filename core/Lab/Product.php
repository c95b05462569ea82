<?php

declare(strict_types=1);

namespace Planisher\Lab;

use Planisher\Measure\Resolution;
use Planisher\Measure\Size;
use Planisher\OrderFile\JsonNode;

/** Something a lab prints on, by its own name, with what of the card is different for it. */
final readonly class Product
{
    /**
     * @param  ?Resolution  $resolution  that the lab aims at for it; null for the lab's own, as the least it prints it with
     * @param  list<Size>  $sizes  that it is had in; empty for the lab's
     * @param  list<string>  $papers  that it is printed on, by the card's names; empty where the card doesn't say
     * @param  list<Extra>  $mounts
     * @param  list<Extra>  $options
     * @param  list<SizePrice>  $prices
     */
    private function __construct(
        public string $name,
        public ?Size $largestPiece,
        public ?Resolution $resolution,
        public ?float $minimumPpi,
        public array $sizes,
        public array $papers,
        public array $mounts,
        public array $options,
        public array $prices,
    ) {}

    public function mount(?string $name): ?Extra
    {
        return self::named($this->mounts, $name);
    }

    public function option(string $name): ?Extra
    {
        return self::named($this->options, $name);
    }

    /** @param  list<Extra>  $of */
    private static function named(array $of, ?string $name): ?Extra
    {
        foreach ($of as $one) {
            if ($one->name === $name) {
                return $one;
            }
        }

        return null;
    }

    /** @throws \Planisher\OrderFile\OrderFileError */
    public static function fromNode(JsonNode $node): self
    {
        $node->object(['name', 'largestPiece', 'ppi', 'minimumPpi', 'sizes', 'papers', 'mounts', 'options', 'prices']);

        return new self(
            $node->need('name')->string(40),
            $node->maybe('largestPiece')?->size(),
            $node->maybe('ppi') === null ? null : Resolution::perInch((string) $node->need('ppi')->number(36, 1200)),
            $node->maybe('minimumPpi')?->number(1, 1200),
            array_map(fn (JsonNode $n): Size => $n->size(), $node->maybe('sizes')?->items(0, 400) ?? []),
            array_map(fn (JsonNode $n): string => $n->string(40), $node->maybe('papers')?->items(0, 40) ?? []),
            array_map(Extra::fromNode(...), $node->maybe('mounts')?->items(0, 40) ?? []),
            array_map(Extra::fromNode(...), $node->maybe('options')?->items(0, 40) ?? []),
            array_map(SizePrice::fromNode(...), $node->maybe('prices')?->items(0, 400) ?? []),
        );
    }

    /** @return array<string, mixed> as in the order file */
    public function toArray(): array
    {
        $arrays = fn (array $of): array => array_map(fn (Extra|SizePrice $one): array => $one->toArray(), $of);

        return array_filter(
            [
                'name' => $this->name,
                'largestPiece' => $this->largestPiece === null ? null : (string) $this->largestPiece,
                'ppi' => $this->resolution?->ppi(),
                'minimumPpi' => $this->minimumPpi,
                'sizes' => array_map(strval(...), $this->sizes),
                'papers' => $this->papers,
                'mounts' => $arrays($this->mounts),
                'options' => $arrays($this->options),
                'prices' => $arrays($this->prices),
            ],
            fn (mixed $value): bool => $value !== null && $value !== [],
        );
    }
}
