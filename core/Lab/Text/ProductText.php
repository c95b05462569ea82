<?php

declare(strict_types=1);

namespace Planisher\Lab\Text;

use Planisher\Lab\Product;
use Planisher\Measure\Figure;
use Planisher\Measure\MeasureError;
use Planisher\Measure\Size;
use Planisher\Measure\Unit;

/** A product of a lab card as its fields are typed. */
final class ProductText
{
    public const FIELDS = ['name', 'sizes', 'largestPiece', 'ppi', 'minimumPpi', 'papers', 'mounts', 'options', 'prices'];

    /** @return ProductTextsShape by field */
    public static function write(Product $product): array
    {
        return [
            'name' => $product->name,
            'sizes' => SizeList::write(...$product->sizes),
            'largestPiece' => $product->largestPiece === null ? '' : SizeList::write($product->largestPiece),
            'ppi' => $product->resolution === null ? '' : Figure::decimal($product->resolution->ppi(), 2),
            'minimumPpi' => $product->minimumPpi === null ? '' : Figure::decimal($product->minimumPpi, 2),
            'papers' => implode(', ', $product->papers),
            'mounts' => Extras::write($product->mounts),
            'options' => Extras::write($product->options),
            'prices' => PriceList::write($product->prices),
        ];
    }

    /**
     * @param  array<string, string>  $typed  by field
     * @return array<string, mixed> as in the order file
     *
     * @throws CardError
     */
    public static function read(array $typed, Unit $bare): array
    {
        $text = fn (string $field): string => trim($typed[$field] ?? '');
        $name = $text('name') === '' ? throw CardError::productWithoutName() : $text('name');
        $sizes = SizeList::read($text('sizes'), $bare);
        if ($sizes->rest !== []) {
            throw CardError::noSizeOfProduct($sizes->rest[0], $name);
        }
        try {
            $largest = $text('largestPiece') === '' ? null : (string) Size::parse($text('largestPiece'), $bare);
        } catch (MeasureError $e) {
            throw CardError::ofMeasure($e);
        }

        return array_filter([
            'name' => $name,
            'largestPiece' => $largest,
            'ppi' => self::number($text('ppi'), $name),
            'minimumPpi' => self::number($text('minimumPpi'), $name),
            'sizes' => array_map(strval(...), $sizes->sizes),
            'papers' => array_values(
                array_filter(array_map(trim(...), explode(',', $text('papers'))), fn (string $paper): bool => $paper !== ''),
            ),
            'mounts' => Extras::read($text('mounts')),
            'options' => Extras::read($text('options')),
            'prices' => PriceList::read($text('prices'), $bare),
        ]);
    }

    /** @throws CardError */
    private static function number(string $typed, string $product): ?float
    {
        $figure = trim((string) preg_replace('/ppi$/i', '', $typed));

        return match (true) {
            $figure === '' => null,
            is_numeric($figure) => (float) $figure,
            default => throw CardError::noPpiOfProduct($typed, $product),
        };
    }
}
