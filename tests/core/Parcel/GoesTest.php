<?php

declare(strict_types=1);

namespace Tests\core\Parcel;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\Parcel\Goes;
use Tests\core\LineContexts;

/** What of a line goes to the lab, in numbers: told before it goes. */
final class GoesTest extends TestCase
{
    private const LAB = [
        'products' => [['name' => 'metal', 'sizes' => ['8 x 12 in'], 'mounts' => [['name' => 'hanging rail', 'price' => 9]]]],
        'prices' => [['size' => '8 x 10 in', 'price' => 2.2], ['size' => '4 x 6 in', 'price' => 0.35]],
    ];

    /** @return iterable<string, array{array<string, mixed>, ?array<string, mixed>}> */
    public static function lines(): iterable
    {
        $cells = [['picture' => 'a.jpg', 'size' => '4 x 5 in'], ['picture' => 'b.jpg', 'size' => '4 x 5 in']];
        yield 'eighty prints' => [
            ['size' => '8 x 10 in', 'copies' => 80],
            ['copies' => 80, 'many' => 'prints of 8 × 10 in', 'prints' => 80, 'pieces' => 80, 'sheets' => 0, 'price' => 17_600],
        ];
        yield 'one, without a price' => [
            ['size' => '8 x 12 in'],
            ['copies' => 1, 'one' => 'print of 8 × 12 in', 'pieces' => 1, 'price' => null, 'currency' => null],
        ];
        yield 'three panels, twice' => [
            ['make' => 'panels', 'size' => '60 x 30 in', 'copies' => 2, 'panels' => ['columns' => [1, 1, 1]]],
            ['copies' => 2, 'many' => 'sets of panels of 60 × 30 in', 'prints' => 2, 'pieces' => 6],
        ];
        yield 'five sheets that two share' => [
            ['make' => 'shared-sheet', 'size' => '8 x 10 in', 'copies' => 5, 'sheet' => ['cells' => $cells]],
            ['many' => 'shared sheets of 8 × 10 in', 'prints' => 10, 'pieces' => 5, 'sheets' => 5, 'price' => 1_100],
        ];
        yield 'eight of one picture to a sheet, twice' => [
            [
                'make' => 'shared-sheet',
                'size' => '8 x 10 in',
                'copies' => 2,
                'sheet' => ['cells' => [['picture' => 'a.jpg', 'size' => '2 x 3 in', 'copies' => 8]]],
            ],
            ['copies' => 2, 'prints' => 16, 'pieces' => 2, 'sheets' => 2],
        ];
        yield 'on a product' => [['size' => '8 x 12 in', 'product' => 'metal'], ['one' => 'print of 8 × 12 in on metal']];
        yield 'a canvas, on canvas by itself' => [['make' => 'canvas', 'size' => '20 x 30 in'], ['one' => 'canvas of 20 × 30 in']];
        yield 'for a screen' => [['make' => 'screen-copy', 'longSide' => 2048], null];
    }

    /**
     * @param  array<string, mixed>  $line
     * @param  ?array<string, mixed>  $goes
     */
    #[DataProvider('lines')]
    public function test_it_is_counted_by_what_it_is(array $line, ?array $goes): void
    {
        $told = Goes::of(LineContexts::work($line, LineContexts::picture(12_000, 8000), self::LAB))?->toArray();
        self::assertSame($goes, $goes === null ? $told : array_intersect_key((array) $told, $goes));
    }
}
