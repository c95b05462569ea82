<?php

declare(strict_types=1);

namespace Planisher\Parcel;

use Planisher\Lab\Price;
use Planisher\OrderFile\OrderHead;

/** What a parcel holds, for whoever opens it: core/OrderFile/manifest.schema.json says its shape. */
final readonly class Manifest
{
    public const FILE = 'manifest.json';

    /**
     * @param  string  $key  a UUID that no other parcel has
     * @param  int  $number  of the order's parcels, from 1
     * @param  non-empty-list<ParcelItem>  $items
     */
    public function __construct(
        public string $key,
        public int $number,
        public OrderHead $order,
        public string $studio,
        public string $lab,
        public array $items,
    ) {}

    /** What all of it costs; null where the lab's card has no price of anything. */
    public function total(): ?Price
    {
        $prices = array_values(array_filter(array_map(fn (ParcelItem $item): ?Price => $item->price(), $this->items)));

        return $prices === []
            ? null
            : new Price(array_sum(array_map(fn (Price $price): int => $price->hundredths, $prices)), $prices[0]->currency);
    }

    /** Whether everything has a price. */
    public function isPriced(): bool
    {
        return array_filter($this->items, fn (ParcelItem $item): bool => $item->piece === null) === [];
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $total = $this->total();
        $remark = $this->order->remark->lab;

        return [
            'planisherParcel' => 1,
            'parcel' => ['key' => $this->key, 'number' => $this->number],
            'order' => [
                'number' => $this->order->number,
                'client' => $this->order->client,
                'date' => $this->order->date,
                ...$remark === null ? [] : ['remark' => $remark],
            ],
            'studio' => ['name' => $this->studio],
            'lab' => ['name' => $this->lab],
            'files' => array_map(fn (ParcelItem $item): array => $item->toArray(), $this->items),
            ...$total === null
                ? []
                : ['total' => ['price' => $total->hundredths / 100, 'currency' => $total->currency, 'isComplete' => $this->isPriced()]],
        ];
    }

    /**
     * As it is written into its file.
     *
     * @param  array<string, mixed>  $manifest  as toArray gives it
     */
    public static function json(array $manifest): string
    {
        return json_encode($manifest, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n";
    }

    /**
     * One line a file, as `sha256sum -c` reads it (GNU coreutils); the manifest's own sum stands last.
     *
     * @param  array<string, mixed>  $manifest  as toArray gives it
     */
    public static function sums(array $manifest): string
    {
        $sums = array_map(fn (array $file): string => "{$file['sha256']}  {$file['name']}\n", $manifest['files']);

        return implode('', $sums).hash('sha256', self::json($manifest)).'  '.self::FILE."\n";
    }
}
