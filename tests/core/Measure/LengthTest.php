<?php

declare(strict_types=1);

namespace Tests\core\Measure;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\Measure\Length;
use Planisher\Measure\MeasureError;
use Planisher\Measure\Resolution;
use Planisher\Measure\Unit;

/** International inch: 25.4 mm exactly (international yard and pound agreement, 1959). */
final class LengthTest extends TestCase
{
    #[DataProvider('spellings')]
    public function test_reads_every_spelling_exactly(string $typed, int $nanometres, string $prints): void
    {
        $length = Length::parse($typed);
        self::assertSame($nanometres, $length->nanometres);
        self::assertSame($prints, (string) $length);
    }

    /** @return iterable<array{string, int, string}> */
    public static function spellings(): iterable
    {
        yield ['8 in', 203_200_000, '8 in'];
        yield ['8"', 203_200_000, '8 in'];
        yield ['8 1/2 in', 215_900_000, '8 1/2 in'];
        yield ['8½', 215_900_000, '8½ in'];
        yield ['8-1/2 inches', 215_900_000, '8-1/2 in'];
        yield ['215.9 mm', 215_900_000, '215.9 mm'];
        yield ['21,59cm', 215_900_000, '21,59 cm'];
        yield ['.5 in', 12_700_000, '.5 in'];
        yield ['1/64 in', 396_875, '1/64 in'];
        yield ['0 in', 0, '0 in'];
        yield ['20 mm', 20_000_000, '20 mm'];
        yield ['0.787 in', 19_989_800, '0.787 in'];
        yield ['15.75 in', 400_050_000, '15.75 in'];
    }

    #[DataProvider('nonsense')]
    public function test_quotes_what_it_cannot_read(string $typed, string $says): void
    {
        $this->expectException(MeasureError::class);
        $this->expectExceptionMessageMatches('/'.preg_quote(trim($typed) === '' ? '“”' : trim($typed), '/').'.*'.$says.'/su');
        Length::parse($typed);
    }

    /** @return iterable<array{string, string}> */
    public static function nonsense(): iterable
    {
        yield ['banana', 'not a length'];
        yield ['', 'not a length'];
        yield ['3 px', 'pixels'];
        yield ['3 ft', 'no unit'];
        yield ['-3', 'below 0'];
        yield ['1,000', 'thousands'];
        yield ['1/0', 'not a number'];
        yield ['8..5', 'not a number'];
        yield ['9999999', 'longer'];
    }

    public function test_what_is_printed_reads_back_the_same(): void
    {
        mt_srand(7);
        for ($i = 0; $i < 2000; $i++) {
            $unit = Unit::cases()[mt_rand(0, 2)];
            $typed = mt_rand(0, 900).(mt_rand(0, 1) ? '.'.mt_rand(0, 9999) : '').' '.$unit->value;
            $length = Length::parse($typed);
            self::assertSame($typed, (string) $length);
            self::assertTrue($length->equals(Length::parse((string) $length)));
        }
    }

    /** Edges are rounded, not sizes: however a length is cut, its pieces add up to the whole. */
    public function test_pieces_always_add_up(): void
    {
        mt_srand(11);
        for ($i = 0; $i < 500; $i++) {
            $resolution = mt_rand(0, 1) ? Resolution::perInch(mt_rand(72, 1200)) : Resolution::perCentimetre(mt_rand(30, 400));
            $whole = mt_rand(10_000_000, 3_000_000_000);
            $cuts = array_map(fn (): int => mt_rand(0, $whole), range(1, mt_rand(1, 9)));
            sort($cuts);
            $edges = array_map($resolution->pixelAt(...), [0, ...$cuts, $whole]);
            $pieces = array_map(fn (int $j): int => $edges[$j + 1] - $edges[$j], range(0, count($edges) - 2));
            self::assertGreaterThanOrEqual(0, min($pieces));
            self::assertSame($resolution->pixelAt($whole), array_sum($pieces));
        }
    }

    public function test_thirds_of_ninety_inches_at_150_are_4500_each(): void
    {
        $resolution = Resolution::perInch(150);
        $edges = array_map(fn (int $third): int => $resolution->pixelAt(intdiv(Length::parse('90 in')->nanometres * $third, 3)), [
            0,
            1,
            2,
            3,
        ]);
        self::assertSame([0, 4500, 9000, 13500], $edges);
    }
}
