<?php

declare(strict_types=1);

namespace Tests\core\Colour;

use PHPUnit\Framework\TestCase;
use Planisher\Colour\ToneCurve;

/** What is lifted for paper keeps its ends and its order. */
final class ToneCurveTest extends TestCase
{
    /** Property: for every setting the ends stay and lighter stays lighter. */
    public function test_ends_are_fixed_and_it_always_rises(): void
    {
        foreach (range(0, 20) as $open) {
            foreach (range(0, 20) as $contrast) {
                $curve = new ToneCurve($open / 20, $contrast / 20);
                self::assertSame([0.0, 100.0], [$curve->at(0), round($curve->at(100), 9)]);
                $before = 0.0;
                for ($l = 0.25; $l <= 100; $l += 0.25) {
                    $now = $curve->at($l);
                    self::assertGreaterThan($before, $now, "open {$open}, contrast {$contrast} at {$l}");
                    $before = $now;
                }
            }
        }
    }

    public function test_opening_lifts_the_three_quarter_tones_only(): void
    {
        $curve = new ToneCurve(1.0);
        $lift = fn (float $l): float => $curve->at($l) - $l;
        self::assertEqualsWithDelta(12.0, $lift(25), 1e-9);
        foreach ([24.0, 26.0] as $beside) {
            self::assertLessThan($lift(25), $lift($beside), 'largest at 25');
        }
        foreach ([60.0, 75.0, 90.0, 100.0] as $light) {
            self::assertEqualsWithDelta(0.0, $lift($light), 1e-9);
        }
        self::assertLessThan(0.3, $lift(1.0), 'black stays black');
    }

    public function test_contrast_is_an_s_about_the_middle(): void
    {
        $curve = new ToneCurve(0.0, 1.0);
        self::assertEqualsWithDelta(50.0, $curve->at(50), 1e-9);
        self::assertLessThan(25.0, $curve->at(25));
        self::assertGreaterThan(75.0, $curve->at(75));
        self::assertEqualsWithDelta(100.0, $curve->at(30) + $curve->at(70), 1e-9, 'alike on both sides');
        self::assertTrue((new ToneCurve())->isStraight());
        self::assertSame(37.5, (new ToneCurve())->at(37.5));
    }
}
