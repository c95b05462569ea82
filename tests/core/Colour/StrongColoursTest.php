<?php

declare(strict_types=1);

namespace Tests\core\Colour;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\Colour\CieLab;
use Planisher\Colour\Rgb;
use Planisher\Colour\StrongColours;

final class StrongColoursTest extends TestCase
{
    /** sRGB's primaries in L*a*b*, D65 (CIE 15:2004 with the matrix of IEC 61966-2-1; figures as widely tabulated, from memory). */
    #[DataProvider('known')]
    public function test_lab_of_known_colours(string $hex, float $l, float $a, float $b): void
    {
        $lab = CieLab::ofRgb(Rgb::parse($hex) ?? throw new \LogicException($hex));
        self::assertEqualsWithDelta([$l, $a, $b], [$lab->lightness, $lab->a, $lab->b], 0.03);
    }

    /** @return iterable<array{string, float, float, float}> */
    public static function known(): iterable
    {
        yield ['#ff0000', 53.24, 80.09, 67.2];
        yield ['#00ff00', 87.74, -86.18, 83.18];
        yield ['#0000ff', 32.3, 79.19, -107.86];
        yield ['#ffffff', 100, 0, 0];
        yield ['#000000', 0, 0, 0];
        yield ['#777777', 50.03, 0, 0];
    }

    public function test_finds_the_colours_a_picture_is_made_of(): void
    {
        mt_srand(5);
        $made = ['#c02020' => 400, '#2040a0' => 300, '#e0e0e0' => 500, '#20a040' => 60];
        $pixels = [];
        foreach ($made as $hex => $count) {
            $rgb = Rgb::parse($hex) ?? throw new \LogicException($hex);
            for ($i = 0; $i < $count; $i++) {
                $pixels[] = Rgb::of($rgb->red + mt_rand(-4, 4), $rgb->green + mt_rand(-4, 4), $rgb->blue + mt_rand(-4, 4));
            }
        }
        $strong = StrongColours::of($pixels);
        self::assertLessThanOrEqual(5, count($strong));
        foreach (array_keys($made) as $hex) {
            $lab = CieLab::ofRgb(Rgb::parse($hex) ?? throw new \LogicException($hex));
            $nearest = min(array_map(fn (Rgb $found): float => sqrt(CieLab::ofRgb($found)->squaredDistance($lab)), $strong));
            self::assertLessThan(4, $nearest, $hex);
        }
        self::assertGreaterThan(40, CieLab::ofRgb($strong[0])->chroma(), 'a colour that stands out comes before grey');
        self::assertEquals($strong, StrongColours::of($pixels), 'the same every time');
        foreach ($strong as $colour) {
            self::assertContainsEquals($colour, $pixels, 'a colour of the picture itself');
        }
    }

    public function test_a_picture_of_one_colour_has_one(): void
    {
        self::assertEquals([Rgb::of(10, 20, 30)], StrongColours::of(array_fill(0, 50, Rgb::of(10, 20, 30))));
    }
}
