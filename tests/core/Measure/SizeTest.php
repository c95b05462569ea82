<?php

declare(strict_types=1);

namespace Tests\core\Measure;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\Measure\Length;
use Planisher\Measure\MeasureError;
use Planisher\Measure\NamedSizes;
use Planisher\Measure\Ratio;
use Planisher\Measure\Resolution;
use Planisher\Measure\Size;
use Planisher\Measure\Unit;

final class SizeTest extends TestCase
{
    /** Pixel figures: common practice, no source; A4 from ISO 216 (210 × 297 mm). */
    #[DataProvider('pixels')]
    public function test_sizes_in_pixels(string $size, int $ppi, int $width, int $height): void
    {
        $size = Size::parse($size);
        $resolution = Resolution::perInch($ppi);
        self::assertSame([$width, $height], [$size->width->px($resolution), $size->height->px($resolution)]);
    }

    /** @return iterable<array{string, int, int, int}> */
    public static function pixels(): iterable
    {
        yield ['4x6', 300, 1200, 1800];
        yield ['5 × 7 in', 300, 1500, 2100];
        yield ['8 x 10 in', 300, 2400, 3000];
        yield ['11x14', 300, 3300, 4200];
        yield ['16 by 20"', 300, 4800, 6000];
        yield ['A4', 300, 2480, 3508];
        yield ['64 x 44 cm', 300, 7559, 5197];
        yield ['90 x 60 in', 150, 13500, 9000];
    }

    #[DataProvider('spellings')]
    public function test_spellings(string $typed, string $label, string $text): void
    {
        $size = Size::parse($typed);
        self::assertSame($label, $size->label());
        self::assertSame($text, (string) $size);
        self::assertEquals($size, Size::parse((string) $size), 'what is written reads back the same');
    }

    /** @return iterable<array{string, string, string}> */
    public static function spellings(): iterable
    {
        yield ['8x10in', '8 × 10 in', '8 x 10 in'];
        yield ['60×40 cm', '60 × 40 cm', '60 x 40 cm'];
        yield ['8" x 10"', '8 × 10 in', '8 x 10 in'];
        yield ['8 in x 20 cm', '8 in × 20 cm', '8 in x 20 cm'];
        yield [' a4 ', 'A4', 'A4'];
        yield ['23.62 x 15.75 in', '23.62 × 15.75 in', '23.62 x 15.75 in'];
    }

    #[DataProvider('nonsense')]
    public function test_quotes_what_it_cannot_read(string $typed, string $says): void
    {
        $this->expectException(MeasureError::class);
        $this->expectExceptionMessageMatches("/{$says}/u");
        Size::parse($typed);
    }

    /** @return iterable<array{string, string}> */
    public static function nonsense(): iterable
    {
        yield ['banana', '“banana” is not a size'];
        yield ['15 x 11 px', '“15 x 11 px” is in pixels'];
        yield ['15px x 11px', 'is in pixels'];
        yield ['0 x 10 in', 'side of 0'];
        yield ['8x10x12', 'not a size'];
        yield ['8 x', 'not a size'];
        yield ['8 x banana', 'banana'];
        yield ['', '“”'];
    }

    public function test_a_size_without_unit_is_in_the_studios(): void
    {
        self::assertTrue(Size::parse('60x40', Unit::Centimetre)->sameAs(Size::parse('600 x 400 mm')));
    }

    public function test_sixty_by_forty_centimetres_in_inches(): void
    {
        $size = Size::parse('60 x 40 cm');
        self::assertSame('23.62', (string) round($size->width->inches(), 2));
        self::assertSame('15.75', (string) round($size->height->inches(), 2));
    }

    /** ISO 216: each A size is the one before cut in half, rounded down to a millimetre; ratio 1 : √2 to within a millimetre. */
    public function test_a_sizes_halve(): void
    {
        for ($n = 1; $n <= 8; $n++) {
            [$larger, $smaller] = [NamedSizes::find('A'.($n - 1)), NamedSizes::find("A{$n}")];
            self::assertNotNull($larger);
            self::assertNotNull($smaller);
            self::assertSame((int) floor($larger->height->in(Unit::Millimetre) / 2), (int) $smaller->width->in(Unit::Millimetre));
            self::assertEqualsWithDelta($smaller->width->in(Unit::Millimetre) * M_SQRT2, $smaller->height->in(Unit::Millimetre), 1.0);
        }
    }

    public function test_a_size_has_no_up(): void
    {
        $size = Size::parse('11 x 14 in');
        self::assertTrue($size->sameAs(Size::parse('14 x 11 in')));
        self::assertFalse($size->sameAs(Size::parse('11 x 15 in')));
        self::assertTrue(Size::parse('12 x 18 in')->holds(Size::parse('15 x 11 in')));
        self::assertFalse(Size::parse('12 x 18 in')->holds(Size::parse('13 x 13 in')));
    }

    public function test_ratios_are_in_lowest_terms(): void
    {
        self::assertSame('4:5', (string) Size::parse('8 x 10 in')->ratio());
        self::assertSame('3:2', (string) Ratio::of(4200, 2800));
        self::assertEquals(Ratio::of(2, 3), Size::of(Length::parse('4 in'), Length::parse('6 in'))->ratio());
        $this->expectException(MeasureError::class);
        Ratio::of(0, 3);
    }
}
