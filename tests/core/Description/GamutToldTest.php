<?php

declare(strict_types=1);

namespace Tests\core\Description;

use PHPUnit\Framework\TestCase;
use Planisher\Description\GamutDescription;

final class GamutToldTest extends TestCase
{
    /**
     * An outline of three primaries and their mixtures, from x and y to u′ and v′ (CIE 15:2004, 8.2.2), moved with its own
     * white to D50's: enough to tell which way it is larger.
     *
     * @param  list<array{float, float}>  $primaries
     * @return non-empty-list<array{float, float}>
     */
    private static function outline(array $primaries): array
    {
        $prime = fn (float $x, float $y): array => [
            (4 * $x) / (-2 * $x + 12 * $y + 3) + 0.20916 - 0.1978,
            (9 * $y) / (-2 * $x + 12 * $y + 3) + 0.48807 - 0.4683,
        ];
        [$red, $green, $blue] = array_map(fn (array $xy): array => $prime(...$xy), $primaries);
        $between = fn (array $a, array $b): array => [($a[0] + $b[0]) / 2, ($a[1] + $b[1]) / 2];

        return [$red, $between($red, $green), $green, $between($green, $blue), $blue, $between($blue, $red)];
    }

    /** Published: sRGB (IEC 61966-2-1) and Adobe RGB (1998) share red and blue; green is (0.30, 0.60) against (0.21, 0.71). */
    public function test_adobe_rgb_is_wider_towards_green_and_cyan(): void
    {
        $srgb = self::outline([[0.64, 0.33], [0.3, 0.6], [0.15, 0.06]]);
        $adobe = self::outline([[0.64, 0.33], [0.21, 0.71], [0.15, 0.06]]);
        self::assertSame('Beyond sRGB in greens and cyans.', GamutDescription::beside($adobe, $srgb, 'sRGB'));
        self::assertSame('Short of Adobe RGB (1998) in greens and cyans.', GamutDescription::beside($srgb, $adobe, 'Adobe RGB (1998)'));
        self::assertSame('Much as sRGB.', GamutDescription::beside($srgb, $srgb, 'sRGB'));
    }

    /** Display P3 (SMPTE RP 431-2 primaries): its blue is sRGB's, its red and green are farther out. */
    public function test_beyond_in_some_and_short_in_others(): void
    {
        $srgb = self::outline([[0.64, 0.33], [0.3, 0.6], [0.15, 0.06]]);
        $p3 = self::outline([[0.68, 0.32], [0.265, 0.69], [0.15, 0.06]]);
        self::assertStringStartsWith('Beyond sRGB in reds, ', GamutDescription::beside($p3, $srgb, 'sRGB'));
        self::assertStringNotContainsString('blues', GamutDescription::beside($p3, $srgb, 'sRGB'));
        $lopsided = $srgb;
        [$lopsided[0], $lopsided[4]] = [[0.36, 0.51], [0.17, 0.1]]; // nearer to white in red, farther in blue
        self::assertMatchesRegularExpression(
            '/^Beyond sRGB in blues.*; short of it in reds.*\.$/',
            GamutDescription::beside($lopsided, $srgb, 'sRGB'),
        );
    }
}
