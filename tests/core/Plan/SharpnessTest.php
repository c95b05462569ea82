<?php

declare(strict_types=1);

namespace Tests\core\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\Measure\Size;
use Planisher\Plan\Sharpness;
use Planisher\Plan\SharpnessGrade;
use Tests\core\LineContexts;

final class SharpnessTest extends TestCase
{
    /** 3438/d: one arcminute in radians is 1/3437.75 (visual acuity 1.0). 218 ppi “still looks good”: common practice, no source. */
    #[DataProvider('distances')]
    public function test_one_arcminute(int $ppi, int $centimetres): void
    {
        self::assertEqualsWithDelta($ppi, Sharpness::ppiNeededAt($centimetres / 2.54), $ppi * 0.015);
        $judged = Sharpness::judge($ppi, Size::parse('8 x 10 in'), LineContexts::lab());
        self::assertSame($centimetres, (int) round($judged->sharpFromInches() * 2.54));
    }

    /** @return iterable<array{int, int}> */
    public static function distances(): iterable
    {
        yield [300, 29];
        yield [218, 40];
        yield [150, 58];
    }

    #[DataProvider('verdicts')]
    public function test_verdicts(float $ppi, string $size, SharpnessGrade $verdict): void
    {
        self::assertSame($verdict, Sharpness::judge($ppi, Size::parse($size), LineContexts::lab(['minimumPpi' => 100]))->enough);
    }

    /** @return iterable<array{float, string, SharpnessGrade}> */
    public static function verdicts(): iterable
    {
        yield 'the aim' => [300, '8 x 10 in', SharpnessGrade::Plenty];
        yield 'diagonal 12.8 in needs 268' => [269, '8 x 10 in', SharpnessGrade::Enough];
        yield 'just under what the diagonal needs' => [267, '8 x 10 in', SharpnessGrade::Soft];
        yield 'a wall piece is seen from afar' => [120, '24 x 36 in', SharpnessGrade::Enough];
        yield 'a small print is not seen from nearer than 25 cm' => [348, '2 x 3 in', SharpnessGrade::Plenty];
        yield 'the lab’s least' => [100, '8 x 10 in', SharpnessGrade::Soft];
        yield 'below the lab’s least' => [99.9, '8 x 10 in', SharpnessGrade::TooFew];
    }
}
