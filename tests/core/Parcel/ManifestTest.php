<?php

declare(strict_types=1);

namespace Tests\core\Parcel;

use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\CoversNothing;
use PHPUnit\Framework\TestCase;
use Planisher\OrderFile\OrderHead;
use Planisher\OrderFile\Remark;
use Planisher\Parcel\Manifest;
use Planisher\Parcel\ParcelItem;
use Tests\core\LineContexts;

#[CoversNothing]
final class ManifestTest extends TestCase
{
    private const SHA = 'e3b0c44298fc1c149afbf4c8996fb92427ae41e4649b934ca495991b7852b855'; // of nothing: FIPS 180-4's own example

    private const LAB = [
        'bits' => [8],
        'products' => [
            [
                'name' => 'canvas',
                'mounts' => [['name' => 'stretched on bars', 'price' => 18]],
                'options' => [['name' => 'black float frame']],
            ],
        ],
        'papers' => [['name' => 'Lustre']],
        'prices' => [
            ['size' => '8 x 10 in', 'price' => 2.2],
            ['size' => '12 x 18 in', 'price' => 6.5],
            ['size' => '4 x 6 in', 'price' => 0.35],
        ],
    ];

    /** @param  array<string, mixed>  $line */
    private static function item(array $line, int $number = 1, ?string $remark = null, int $file = 0): ParcelItem
    {
        $worked = LineContexts::work($line, LineContexts::picture(12000, 8000), self::LAB);

        return ParcelItem::of($worked, $number, $worked->plan->files[$file]->name ?? '', 1000, self::SHA, $remark);
    }

    public function test_a_print_says_all_that_a_lab_needs_in_both_units(): void
    {
        $told = self::item(['copies' => 3, 'size' => '8 x 10 in'], 7, 'Keep flat')->toArray();
        // 8 × 10 in at 300 ppi: 3000 × 2400 px, 25.4 × 20.32 cm (an inch is 25.4 mm, international yard and pound agreement, 1959).
        self::assertSame(['width' => 3000, 'height' => 2400], $told['pixels']);
        self::assertSame(['width' => 10.0, 'height' => 8.0], $told['inches']);
        self::assertSame(['width' => 25.4, 'height' => 20.32], $told['centimetres']);
        self::assertSame(
            [7, 3, 'Lustre', 'Keep flat', 2.2],
            [$told['line'], $told['copies'], $told['paper'], $told['remark'], $told['price']],
        );
        self::assertArrayNotHasKey('byHand', $told);
        self::assertArrayNotHasKey('set', $told);
    }

    public function test_what_is_left_to_do_by_hand_is_said(): void
    {
        // 11 × 15 on 12 × 18: 0.5 in above and below, 1.5 in left and right (common practice, no source).
        $carried = self::item(['size' => '11 x 15 in']);
        $said = 'Trim to 15 × 11 in: 0.5 in above and below, 1.5 in left and right is white to cut away.';
        self::assertSame($said, str_replace("\u{2009}", ' ', $carried->byHand[0]));
        self::assertSame('12 x 18 in', $carried->toArray()['sheet'], 'the sheet, as the lab lists it');
        self::assertSame(6.5, $carried->toArray()['price']);

        $cell = ['picture' => 'dawn-boat.jpg', 'size' => '3 x 4 in'];
        $sheet = ['make' => 'shared-sheet', 'size' => '4 x 6 in', 'sheet' => ['cells' => [['copies' => 2] + $cell]], 'picture' => null];
        self::assertStringStartsWith('Cut: 1 straight', self::item($sheet)->byHand[0]);

        $canvas = self::item(['make' => 'canvas', 'size' => '8 x 10 in', 'canvas' => ['depth' => '1.5 in']]);
        self::assertStringContainsString('bars 1.5 in deep', str_replace("\u{2009}", ' ', $canvas->byHand[0]));
        self::assertSame(2.2, $canvas->toArray()['price'], 'a canvas costs what its face does');
    }

    public function test_a_set_is_alike_but_for_its_place(): void
    {
        $panels = ['make' => 'panels', 'size' => '36 x 18 in', 'panels' => ['columns' => [1, 1, 1]]];
        $files = array_map(fn (int $n): array => self::item($panels, 2, null, $n)->toArray(), [0, 1, 2]);
        self::assertSame([1, 2, 3], array_column(array_column($files, 'set'), 'place'));
        self::assertSame(['12 x 18 in'], array_values(array_unique(array_column($files, 'sheet'))));
        $own = array_flip(['name', 'set']);
        self::assertEquals(array_diff_key($files[0], $own), array_diff_key($files[2], $own));
    }

    public function test_mounts_and_options_are_asked_for_and_paid_for_by_the_labs_names(): void
    {
        $canvas = [
            'make' => 'canvas',
            'size' => '8 x 10 in',
            'copies' => 2,
            'mount' => 'stretched on bars',
            'options' => ['black float frame'],
        ];
        $item = self::item($canvas);
        self::assertSame(['stretched on bars', ['black float frame']], [$item->toArray()['mount'], $item->toArray()['options']]);
        self::assertSame(2 * (220 + 1800), $item->price()?->hundredths);

        $unknown = LineContexts::work(['make' => 'canvas', 'size' => '8 x 10 in', 'mount' => 'a hook'], lab: self::LAB);
        self::assertStringContainsString('no mount “a hook”', LineContexts::finding($unknown, 'mount-unknown')->title ?? '');
        $other = LineContexts::work(['size' => '8 x 10 in', 'options' => ['black float frame']], lab: self::LAB);
        self::assertSame(['options' => null], LineContexts::finding($other, 'option-unknown')?->remedy?->change->toArray());
    }

    public function test_the_manifest_follows_its_schema_and_adds_up(): void
    {
        $items = [
            self::item(['copies' => 2, 'size' => '8 x 10 in'], 1),
            self::item(['size' => '11 x 15 in'], 2, 'For the hall'),
            self::item(['make' => 'canvas', 'size' => '8 x 10 in', 'mount' => 'stretched on bars'], 3),
        ];
        $head = new OrderHead('2611-04', 'Isholm Rowing Club', '2026-11-24', remark: new Remark('mine', 'Call before you cut'));
        $manifest = new Manifest('425aa994-f8a5-41ad-bbf3-0cc7e36ad75d', 1, $head, 'Wren Halloway', 'Larkmoor', $items);
        self::assertSame(2 * 220 + 650 + 220 + 1800, $manifest->total()?->hundredths);
        self::assertTrue($manifest->isPriced());

        $json = Manifest::json($manifest->toArray());
        $schema = (string) file_get_contents(__DIR__.'/../../../core/OrderFile/manifest.schema.json');
        self::assertTrue((new Validator())->validate(json_decode($json), $schema)->isValid());
        self::assertStringNotContainsString('mine', $json, 'what one remarks for oneself isn’t sent');
        self::assertStringContainsString('Call before you cut', $json);
        self::assertSame(hash('sha256', $json).'  manifest.json', explode("\n", Manifest::sums($manifest->toArray()))[3]);
        self::assertSame(self::SHA."  {$items[0]->name}", explode("\n", Manifest::sums($manifest->toArray()))[0]);
    }

    public function test_what_has_no_price_makes_the_total_incomplete(): void
    {
        $manifest = new Manifest('k', 1, LineContexts::head(), 'Wren', 'L', [
            self::item(['size' => '8 x 10 in']),
            self::item(['size' => '20 x 30 in']),
        ]);
        self::assertSame([220, false], [$manifest->total()?->hundredths, $manifest->isPriced()]);
    }

    public function test_a_file_its_line_does_not_make_is_refused(): void
    {
        $this->expectExceptionMessage('makes no file “other.jpg”');
        ParcelItem::of(LineContexts::work(), 1, 'other.jpg', 1, self::SHA, null);
    }
}
