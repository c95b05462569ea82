<?php

declare(strict_types=1);

namespace Tests\core\Lab;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\Lab\Requirements\RequirementsPage;
use Planisher\Lab\Text\CardError;
use Planisher\Lab\Text\CardField;
use Planisher\Lab\Text\Extras;
use Planisher\Lab\Text\Money;
use Planisher\Lab\Text\PriceList;
use Planisher\Lab\Text\SizeList;
use Planisher\Measure\Length;
use Planisher\Measure\Size;
use Planisher\Measure\Unit;

/** What is typed or pasted into the fields of a lab card. */
final class SizeListTest extends TestCase
{
    /** @return iterable<array{string, list<string>, list<string>}> */
    public static function lists(): iterable
    {
        yield ['8x10, 8 by 12, 20×30 cm, A4', ['8 x 10 in', '8 x 12 in', '20 x 30 cm', 'A4'], []];
        yield ['8x10,11x14', ['8 x 10 in', '11 x 14 in'], []];
        yield ['20,3 x 30,5 cm', ['20.3 x 30.5 cm'], []];
        yield ['10x15, 13x18, 20x30 cm', ['10 x 15 cm', '13 x 18 cm', '20 x 30 cm'], []];
        yield ['Sizes in cm: 10x15 and 13x18', ['10 x 15 cm', '13 x 18 cm'], []];
        yield ['8 in square, 8½ x 11; 11 1/2 x 14 1/4 in', ['8 x 8 in', '8 1/2 x 11 in', '11 1/2 x 14 1/4 in'], []];
        yield ["4×6\"\n5×7\"\n8\" x 10\"", ['4 x 6 in', '5 x 7 in', '8 x 10 in'], []];
        yield ['jumbo, 8x10, 10x8', ['8 x 10 in'], ['jumbo']];
        yield ['A4 · A3 | B5', ['A4', 'A3', 'B5'], []];
        // As a client writes them: it is one reader.
        yield ['eight by ten, 5" x 7", DIN A4, 4R and 12x12ins', ['8 x 10 in', '5 x 7 in', 'A4', '4 x 6 in', '12 x 12 in'], []];
        yield ['8x10x2, 11 × 14', ['11 x 14 in'], ['8x10x2']];
        yield ['1 m x 1.5 m, 2 ft by 3 ft', ['100 x 150 cm', '24 x 36 in'], []];
        yield ['', [], []];
    }

    /**
     * @param  list<string>  $sizes
     * @param  list<string>  $rest
     */
    #[DataProvider('lists')]
    public function test_a_list_in_any_writing(string $text, array $sizes, array $rest): void
    {
        $list = SizeList::read($text);
        self::assertSame($sizes, array_map(strval(...), $list->sizes));
        self::assertSame($rest, $list->rest);
    }

    public function test_what_is_written_is_read_again(): void
    {
        mt_srand(7);
        for ($i = 0; $i < 300; $i++) {
            $unit = Unit::cases()[mt_rand(0, 2)];
            $sizes = [];
            for ($n = mt_rand(1, 6); $n > 0; $n--) {
                $side = fn (): Length => Length::of((string) (mt_rand(10, 9000) / 100), $unit);
                $sizes[] = Size::of($side(), $side());
            }
            $text = SizeList::write(...$sizes);
            $again = SizeList::read($text, Unit::cases()[mt_rand(0, 2)]);
            self::assertCount(count($sizes), [...$again->sizes, ...$again->twice], $text);
            foreach ($again->sizes as $k => $size) {
                self::assertTrue($size->sameAs($sizes[$k]) || $again->twice !== [], $text);
            }
            self::assertSame([], $again->rest, $text);
        }
    }

    public function test_prices_and_extras(): void
    {
        self::assertSame(
            [
                ['size' => '8 x 10 in', 'price' => 2.2],
                ['size' => '8 x 10 in', 'price' => 3.4, 'paper' => 'Cotton rag'],
                ['size' => 'A4', 'price' => 0.0],
            ],
            PriceList::read("8 x 10 in  2.20\n8x10 on Cotton rag 3,40\nA4: 0", Unit::Inch),
        );
        self::assertSame([['name' => 'rail', 'price' => 9.5], ['name' => 'easel']], Extras::read('rail +9,50, easel'));
        foreach (['1,250.00' => 1250.0, '1.250,00 €' => 1250.0, '£ 2' => 2.0, '0,5' => 0.5] as $text => $amount) {
            self::assertSame($amount, Money::read((string) $text));
        }
        foreach (['-3', 'ask us', '3 or 4', '1000000'] as $text) {
            try {
                Money::read($text);
                self::fail("“{$text}” is a price");
            } catch (CardError $e) {
                self::assertStringContainsString("“{$text}”", $e->getMessage());
            }
        }
    }

    public function test_every_field_says_what_it_is_for_and_has_a_start_that_can_be_typed(): void
    {
        foreach (CardField::cases() as $field) {
            self::assertNotSame('', $field->purpose());
            if ($field !== CardField::Name && $field !== CardField::Sizes) {
                self::assertNull($field->read($field->start(), Unit::Inch), $field->label());
            }
            foreach ($field->choices() as $choice) {
                $field->read(strtoupper($choice), Unit::Inch);
            }
        }
    }

    public function test_no_letter_is_broken_whatever_is_typed(): void
    {
        mt_srand(11);
        $letters = mb_str_split('ab8x10×½“”–—·•é…✓日 ,;:.|"A4in€');
        for ($i = 0; $i < 2000; $i++) {
            $text = implode('', array_map(fn (): string => $letters[mt_rand(0, count($letters) - 1)], range(0, mt_rand(0, 24))));
            foreach (SizeList::read($text)->rest as $rest) {
                self::assertTrue(mb_check_encoding($rest, 'UTF-8'), $text);
            }
            foreach (CardField::cases() as $field) {
                try {
                    $field->read($text, Unit::Inch);
                } catch (CardError $e) {
                    self::assertTrue(mb_check_encoding($e->getMessage(), 'UTF-8'), $text);
                }
            }
            $page = RequirementsPage::read($text);
            self::assertNotFalse(json_encode([$page->understood, $page->rest]), $text);
        }
    }
}
