<?php

declare(strict_types=1);

namespace Tests\core\Picture;

use PHPUnit\Framework\TestCase;
use Planisher\Measure\PixelRect;
use Planisher\Measure\Ratio;
use Planisher\Picture\Window;
use Planisher\Plan\Cut;
use Tests\core\LineContexts;

final class WindowTest extends TestCase
{
    /** 4×6 and 8×12 fit a 3:2 picture exactly; 8×10 from 3:2 loses 1/6 of the long side: common practice, no source. */
    public function test_facts_of_the_trade(): void
    {
        $picture = LineContexts::picture(6000, 4000);
        self::assertEquals(new PixelRect(0, 0, 6000, 4000), (new Window())->on($picture, Ratio::of(6, 4)));
        self::assertEquals(new PixelRect(0, 0, 6000, 4000), (new Window())->on($picture, Ratio::of(12, 8)));
        $window = (new Window())->on($picture, Ratio::of(10, 8));
        self::assertEquals(new PixelRect(500, 0, 5000, 4000), $window);
        self::assertEqualsWithDelta(1 / 6, Cut::by($window, $picture)->area, 1e-12);
        self::assertEqualsWithDelta(1 / 12, Cut::by($window, $picture)->left, 1e-12);
        self::assertSame("8.3\u{2009}% from the left and 8.3\u{2009}% from the right", Cut::by($window, $picture)->sides());
    }

    /** 12 in wide from a 4:3 picture is 9 in high, 10 in wide is 7.5: common practice, no source. */
    public function test_four_to_three_keeps_all_at_its_own_ratio(): void
    {
        $picture = LineContexts::picture(4000, 3000);
        foreach ([Ratio::of(120, 90), Ratio::of(100, 75)] as $ratio) {
            self::assertSame('', Cut::by((new Window())->on($picture, $ratio), $picture)->sides());
        }
    }

    public function test_never_outside_and_never_another_ratio(): void
    {
        mt_srand(5);
        for ($i = 0; $i < 3000; $i++) {
            $picture = LineContexts::picture(mt_rand(200, 12000), mt_rand(200, 12000));
            $ratio = Ratio::of(mt_rand(1, 300), mt_rand(100, 300));
            $window = new Window(mt_rand(0, 1000) / 1000, mt_rand(0, 1000) / 1000, 1 + mt_rand(0, 400) / 100);
            $rect = $window->on($picture, $ratio);
            self::assertGreaterThanOrEqual(0, min($rect->x, $rect->y));
            self::assertLessThanOrEqual($picture->width, $rect->x + $rect->width);
            self::assertLessThanOrEqual($picture->height, $rect->y + $rect->height);
            // Each side is off by at most half a pixel of rounding, so the sides agree to within a pixel.
            $scale = $ratio->width / $ratio->height;
            self::assertLessThanOrEqual(0.5 + 0.5 * $scale + 1e-9, abs($rect->width - $rect->height * $scale));
        }
    }

    public function test_a_centre_near_the_edge_is_clamped(): void
    {
        $rect = (new Window(1, 1, 2))->on(LineContexts::picture(3000, 3000), Ratio::of(1, 1));
        self::assertEquals(new PixelRect(1500, 1500, 1500, 1500), $rect);
    }
}
