<?php

declare(strict_types=1);

namespace Tests\core\Colour;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\Colour\Sharpening;
use Planisher\Colour\Strength;
use Planisher\Colour\Surface;

/** The figures of the model, worked out apart from it: sigma and slope by resolution, distance and paper. */
final class SharpeningTest extends TestCase
{
    #[DataProvider('figures')]
    public function test_figures(int $ppi, int $millimetres, Surface $surface, float $sigma, float $slope, float $darken): void
    {
        $it = Sharpening::for($surface, Strength::Normal, $ppi, $millimetres / 25.4);
        self::assertNotNull($it);
        self::assertEqualsWithDelta($sigma, $it->sigma, 0.01);
        self::assertEqualsWithDelta($slope, $it->slope, 0.02);
        self::assertEqualsWithDelta($darken, $it->darken, 0.06);
        self::assertEqualsWithDelta(0.7 * $it->darken, $it->lighten, 1e-9);
    }

    /** @return iterable<list<mixed>> */
    public static function figures(): iterable
    {
        yield [300, 300, Surface::Glossy, 1.03, 0.78, 4.1];
        yield [300, 300, Surface::Lustre, 1.03, 0.89, 4.1];
        yield [300, 300, Surface::Matte, 1.03, 1.29, 4.1];
        yield [300, 500, Surface::Lustre, 1.6, 0.29, 5.0];
        yield [200, 300, Surface::Lustre, 0.69, 1.33, 2.8];
        yield [200, 500, Surface::Glossy, 1.15, 0.56, 4.6];
        yield [200, 500, Surface::Matte, 1.15, 0.71, 4.6];
        yield [150, 300, Surface::Lustre, 0.52, 1.5, 2.1];
        yield [150, 600, Surface::Lustre, 1.03, 0.72, 4.1];
    }

    public function test_gently_is_half_and_none_is_none(): void
    {
        $normal = Sharpening::for(Surface::Lustre, Strength::Normal, 300, 12);
        $gentle = Sharpening::for(Surface::Lustre, Strength::Gentle, 300, 12);
        self::assertNotNull($normal);
        self::assertNotNull($gentle);
        self::assertSame($normal->sigma, $gentle->sigma);
        self::assertEqualsWithDelta($normal->slope / 2, $gentle->slope, 1e-9);
        self::assertNull(Sharpening::for(Surface::Lustre, Strength::None, 300, 12));
        self::assertNotNull(Sharpening::for(Surface::Screen, Strength::Normal, 72, 12));
    }
}
