<?php

declare(strict_types=1);

namespace Tests\imaging;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\Colour\Space;
use Planisher\Imaging\Colour\ShippedProfiles;

/** Our profiles, looked at by other programs and held against the published figures. */
final class ProfilesTest extends TestCase
{
    use Colours;
    use Pictures;

    public function test_the_committed_profiles_are_what_their_maker_writes(): void
    {
        self::tool(PHP_BINARY, __DIR__.'/../../imaging/profiles/make.php', $this->folder);
        foreach (Space::cases() as $space) {
            self::assertFileEquals("{$this->folder}/".basename(ShippedProfiles::path($space)), ShippedProfiles::path($space));
        }
    }

    public function test_others_read_their_description_and_matrix(): void
    {
        // Adobe RGB (1998) Color Image Encoding, 2005-05, 4.3.6.1: matrix adapted to D50 (rows here are columns of the tags)
        $adobe = self::exif(ShippedProfiles::path(Space::AdobeRgb));
        self::assertSame('Compatible with Adobe RGB (1998)', $adobe['ICC_Profile:ProfileDescription']);
        self::assertColumn('0.60974 0.31111 0.01947', $adobe['ICC_Profile:RedMatrixColumn']);
        self::assertColumn('0.20528 0.62567 0.06087', $adobe['ICC_Profile:GreenMatrixColumn']);
        self::assertColumn('0.14919 0.06322 0.74457', $adobe['ICC_Profile:BlueMatrixColumn']);
        // sRGB: the ICC's “How to interpret the sRGB color space” (from memory), from IEC 61966-2-1's primaries
        $srgb = self::exif(ShippedProfiles::path(Space::Srgb));
        self::assertSame('sRGB IEC61966-2.1', $srgb['ICC_Profile:ProfileDescription']);
        self::assertColumn('0.436030 0.222438 0.013897', $srgb['ICC_Profile:RedMatrixColumn']);
        self::assertColumn('0.385102 0.716943 0.097076', $srgb['ICC_Profile:GreenMatrixColumn']);
        self::assertColumn('0.143068 0.060619 0.713926', $srgb['ICC_Profile:BlueMatrixColumn']);
    }

    private static function assertColumn(string $published, string $found): void
    {
        foreach (array_combine(explode(' ', $published), explode(' ', $found)) as $expected => $value) {
            self::assertEqualsWithDelta((float) $expected, (float) $value, 6e-5);
        }
    }

    /** IEC 61966-2-1: V ≤ 0.04045 → V/12.92, else ((V + 0.055)/1.055)^2.4, as LittleCMS reads it from our profile. */
    #[DataProvider('codes')]
    public function test_the_transfer_function_as_littlecms_reads_it(int $code): void
    {
        $v = $code / 255;
        $linear = $v <= 0.04045 ? $v / 12.92 : (($v + 0.055) / 1.055) ** 2.4;
        self::assertEqualsWithDelta(
            100 * $linear,
            self::transicc([[$code, $code, $code]], ShippedProfiles::path(Space::Srgb), '*XYZ')[0][1],
            0.004,
        );
    }

    /** @return iterable<array{int}> */
    public static function codes(): iterable
    {
        foreach ([0, 1, 10, 11, 32, 64, 118, 128, 188, 254, 255] as $code) {
            yield [$code];
        }
    }

    /** Adobe RGB (1998) 4.3.4.2: gamma 2.19921875 */
    public function test_the_gamma_as_littlecms_reads_it(): void
    {
        foreach ([16, 64, 128, 200] as $code) {
            self::assertEqualsWithDelta(
                100 * ($code / 255) ** 2.19921875,
                self::transicc([[$code, $code, $code]], ShippedProfiles::path(Space::AdobeRgb), '*XYZ')[0][1],
                0.004,
            );
        }
    }
}
