<?php

declare(strict_types=1);

namespace Tests\core\Measure;

use PHPUnit\Framework\TestCase;
use Planisher\Measure\Length;
use Planisher\Measure\MeasureError;
use Planisher\Measure\Resolution;

final class ResolutionTest extends TestCase
{
    public function test_per_centimetre_is_exact(): void
    {
        self::assertEqualsWithDelta(304.8, Resolution::parse('120 px/cm')->ppi(), 1e-9);
        self::assertSame('120 px/cm', Resolution::parse('120 px/cm')->typed());
        self::assertSame(7200, Length::parse('60 cm')->px(Resolution::perCentimetre(120)));
    }

    public function test_positions_round_half_up(): void
    {
        $resolution = Resolution::perInch(100);
        self::assertSame(1, $resolution->pixelAt(127_000));
        self::assertSame(0, $resolution->pixelAt(126_999));
        self::assertSame(0, $resolution->pixelAt(-127_000));
        self::assertSame(-1, $resolution->pixelAt(-127_001));
    }

    public function test_own_pixels_cover_the_length_exactly(): void
    {
        mt_srand(3);
        for ($i = 0; $i < 500; $i++) {
            $length = Length::parse(mt_rand(1, 9000) / 100 .' in');
            $pixels = mt_rand(10, 30000);
            self::assertSame($pixels, $length->px(Resolution::own($pixels, $length->nanometres)));
        }
    }

    public function test_what_is_typed_is_kept(): void
    {
        self::assertSame(300, Resolution::parse('300 ppi')->typed());
        self::assertSame(240.5, Resolution::parse('240.5')->typed());
        self::assertSame("300\u{2009}ppi", Resolution::perInch(300)->label());
    }

    public function test_refuses_nonsense(): void
    {
        foreach (['banana', '0', '99999', '300 m', '-3', '1.23456'] as $typed) {
            try {
                Resolution::parse($typed);
                self::fail("“{$typed}” was taken");
            } catch (MeasureError $e) {
                self::assertStringContainsString($typed, $e->getMessage());
            }
        }
    }
}
