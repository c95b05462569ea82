<?php

declare(strict_types=1);

namespace Tests\core\Line;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\Measure\EdgeDepth;
use Planisher\Measure\MeasureError;
use Planisher\Measure\Resolution;
use Planisher\Measure\Size;

/** A depth prints back as it was typed, and is exact on its face. */
final class EdgeDepthTest extends TestCase
{
    #[DataProvider('depths')]
    public function test_is_exact_and_prints_back(string $typed, string $back, int $nanometres): void
    {
        $depth = EdgeDepth::parse($typed);
        self::assertSame($back, (string) $depth);
        self::assertSame($nanometres, $depth->on(Size::parse('60 x 40 cm'), Resolution::perInch(300)));
        self::assertSame($back, (string) EdgeDepth::parse((string) $depth));
    }

    /** @return iterable<string, array{string, string, int}> */
    public static function depths(): iterable
    {
        yield '20 mm stays 20 mm' => ['20 mm', '20 mm', 20_000_000];
        yield '0.787 in stays 0.787 in' => ['0.787 in', '0.787 in', 19_989_800];
        yield '1 1/2"' => ['1 1/2"', '1 1/2 in', 38_100_000];
        yield 'bare, in the studio’s unit' => ['3', '3 in', 76_200_000];
        yield '5 % of the short side' => ['5 %', '5 %', 20_000_000];
        yield '4.25%' => ['4.25%', '4.25 %', 17_000_000];
        yield '300 px at 300 ppi' => ['300 px', '300 px', 25_400_000];
        yield '1px, to the nearest nanometre' => ['1px', '1 px', 84_667];
    }

    #[DataProvider('nonsense')]
    public function test_says_what_is_wrong(string $typed, string $says): void
    {
        $this->expectException(MeasureError::class);
        $this->expectExceptionMessageMatches("/{$says}/u");
        EdgeDepth::parse($typed);
    }

    /** @return iterable<string, array{string, string}> */
    public static function nonsense(): iterable
    {
        yield 'per cent of nothing' => ['%', 'says no share of the face’s short side'];
        yield 'more than all of it' => ['120 %', 'up to 100'];
        yield 'below nothing' => ['-2 cm', 'below 0'];
        yield 'per cent below nothing' => ['-2 %', 'is no unit for paper'];
        yield 'half a pixel' => ['1.5 px', 'whole number'];
        yield 'a word' => ['deep', 'is not a length'];
    }

    /** Property: so many pixels come to exactly so many, at any resolution. */
    public function test_pixels_stay_pixels(): void
    {
        mt_srand(4);
        for ($i = 0; $i < 2000; $i++) {
            $pixels = mt_rand(1, 4000);
            $resolution =
                mt_rand(0, 1) === 0
                    ? Resolution::perInch(mt_rand(36, 1200))
                    : Resolution::own(mt_rand(500, 20_000), mt_rand(100_000_000, 3_000_000_000));
            $on = EdgeDepth::parse("{$pixels} px")->on(Size::parse('60 x 40 cm'), $resolution);
            self::assertSame($pixels, $resolution->pixelAt($on));
            self::assertSame(-$pixels, $resolution->pixelAt(-$on));
        }
    }
}
