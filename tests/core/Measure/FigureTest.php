<?php

declare(strict_types=1);

namespace Tests\core\Measure;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\Measure\Figure;
use Planisher\Measure\Length;
use Planisher\Measure\Unit;

final class FigureTest extends TestCase
{
    #[DataProvider('figures')]
    public function test_is_written_for_people(string $expected, string $found): void
    {
        self::assertSame($expected, str_replace(Figure::THIN_SPACE, ' ', $found));
    }

    /** @return iterable<array{string, string}> */
    public static function figures(): iterable
    {
        yield ['8', Figure::decimal(8.0, 2)];
        yield ['9.33', Figure::decimal(9.333333, 2)];
        yield ['0.5', Figure::decimal(0.5, 3)];
        yield ['100', Figure::decimal(100.0, 0)];
        yield ['0 %', Figure::percent(0.0)];
        yield ['< 0.1 %', Figure::percent(0.0004)];
        yield ['9.1 %', Figure::percent(0.0909)];
        yield ['17 %', Figure::percent(1 / 6)];
        yield ['2400', Figure::count(2400)];
        yield ['13 500', Figure::count(13_500)];
        yield ['13 500 × 9000 px', Figure::pixels(13_500, 9000)];
        yield ['36 cm', Figure::distance(36.2 / 2.54, Unit::Centimetre)];
        yield ['6.6 m', Figure::distance(655 / 2.54, Unit::Centimetre)];
        yield ['14 in', Figure::distance(14.2, Unit::Inch)];
        yield ['21 ft', Figure::distance(252, Unit::Inch)];
        yield ['999 bytes', Figure::bytes(999)];
        yield ['628 kB', Figure::bytes(628_123)];
        yield ['7.4 MB', Figure::bytes(7_400_000)];
        yield ['200 MB', Figure::bytes(200_000_000)];
        yield ['1.46 GB', Figure::bytes(1_458_000_000)];
    }

    /** The exact form of a length loses no nanometre, whatever the unit; in its own unit where that says it all. */
    public function test_an_exact_length_reads_back_to_the_nanometre(): void
    {
        self::assertSame('14.5 in', (string) Length::exact(368_300_000, Unit::Inch));
        self::assertSame('308 mm', (string) Length::exact(308_000_000, Unit::Inch));
        mt_srand(17);
        for ($i = 0; $i < 2000; $i++) {
            $nanometres = mt_rand(1, 3_000_000_000);
            $unit = Unit::cases()[mt_rand(0, 2)];
            self::assertSame($nanometres, Length::parse((string) Length::exact($nanometres, $unit))->nanometres);
        }
    }
}
