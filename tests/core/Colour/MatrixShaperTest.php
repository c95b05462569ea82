<?php

declare(strict_types=1);

namespace Tests\core\Colour;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\Colour\IccBytes;
use Planisher\Colour\Matrix;
use Planisher\Colour\MatrixShaper;
use Planisher\Colour\Space;
use Planisher\Imaging\Colour\ShippedProfiles;

final class MatrixShaperTest extends TestCase
{
    /** @see Space the formulas of IEC 61966-2-1 and Adobe RGB (1998) 2005-05 */
    public function test_reads_the_shipped_profiles_as_their_spaces(): void
    {
        foreach (Space::cases() as $space) {
            $read = MatrixShaper::of(ShippedProfiles::bytes($space)) ?? self::fail('it is a matrix');
            foreach ([0.0, 0.002, 0.04, 0.2, 0.5, 0.77, 1.0] as $code) {
                self::assertEqualsWithDelta($space->light($code), $read->light(1, $code), 1e-5, "{$space->name} {$code}");
            }
            foreach (IccBytes::D50 as $i => $one) {
                self::assertEqualsWithDelta($one, $read->xyz([1.0, 1.0, 1.0])[$i], 1e-4, 'white is the connection space’s');
            }
        }
        // Adobe RGB (1998) Color Image Encoding, 2005-05, 4.3.6.1: red in D50
        $red = MatrixShaper::of(ShippedProfiles::bytes(Space::AdobeRgb))?->xyz([1.0, 0.0, 0.0]) ?? [];
        foreach ([0.60974, 0.31111, 0.01947] as $i => $one) {
            self::assertEqualsWithDelta($one, $red[$i], 1e-4);
        }
    }

    /** @param  list<float>  $numbers */
    #[DataProvider('formulas')]
    public function test_reads_curves_that_are_formulas(int $kind, array $numbers, float $code, float $light): void
    {
        $parameters = implode('', array_map(fn (float $one): string => pack('N', (int) round($one * 65_536) & 0xFFFF_FFFF), $numbers));
        $read = MatrixShaper::of(self::profile("para\0\0\0\0".pack('n2', $kind, 0).$parameters));
        self::assertEqualsWithDelta($light, $read?->light(0, $code), 1e-4);
    }

    /** @return iterable<string, array{int, list<float>, float, float}> ICC.1:2010, table 65; sRGB's values are IEC 61966-2-1's */
    public static function formulas(): iterable
    {
        yield 'a power' => [0, [2.2], 0.5, 0.5 ** 2.2];
        yield 'CIE 122' => [1, [2.0, 2.0, -1.0], 0.75, 0.25];
        yield 'CIE 122, below' => [1, [2.0, 2.0, -1.0], 0.25, 0.0];
        yield 'sRGB' => [3, [2.4, 1 / 1.055, 0.055 / 1.055, 1 / 12.92, 0.04045], 0.5, 0.21404];
        yield 'sRGB, dark' => [3, [2.4, 1 / 1.055, 0.055 / 1.055, 1 / 12.92, 0.04045], 10 / 255, 0.003035];
        yield 'with an offset' => [4, [2.0, 1.0, 0.0, 0.5, 0.2, 0.1, 0.0], 0.5, 0.35];
    }

    /** What isn't curves and a matrix alone, or can't be read, is for LittleCMS. */
    public function test_leaves_others_alone(): void
    {
        $paper = (string) file_get_contents(__DIR__.'/../../../demo/profiles/simulated-lustre.icc');
        $others = [
            '',
            'no profile',
            $paper,
            self::profile('curv'),
            self::profile("para\0\0\0\0\0\x09\0\0".str_repeat("\0", 40)),
            self::profile("curv\0\0\0\0".pack('N', 90_000).'short'),
            self::profile(IccBytes::curve(fn (float $v): float => 0.1 + 0.9 * $v, 16)),
            self::profile(IccBytes::gamma(2.2), ['A2B1' => 'a table']),
        ];
        foreach ($others as $i => $other) {
            self::assertNull(MatrixShaper::of($other), "{$i}");
        }
        mt_srand(7);
        $good = ShippedProfiles::bytes(Space::Srgb);
        for ($i = 0; $i < 300; $i++) {
            $broken = $good;
            for ($n = 0; $n < 4; $n++) {
                $broken[mt_rand(0, 300)] = chr(mt_rand(0, 255));
            }
            $light = MatrixShaper::of($broken)?->light(0, 0.5) ?? 0.0;
            self::assertTrue($light >= 0.0 && $light <= 1.0, 'nothing worse than another colour');
        }
    }

    public function test_a_matrix_and_its_inverse_are_nothing(): void
    {
        mt_srand(8);
        for ($i = 0; $i < 100; $i++) {
            $row = fn (): array => [mt_rand(-99, 99) / 10, mt_rand(-99, 99) / 10, mt_rand(-99, 99) / 10];
            $matrix = (new Matrix([$row(), $row(), $row()]))->after(Matrix::scaling([1.5, 2.5, -3.5]));
            $vector = $row();
            foreach ($matrix->inverse()->of($matrix->of($vector)) as $at => $one) {
                self::assertEqualsWithDelta($vector[$at], $one, 1e-6);
            }
        }
    }

    /** @param  array<string, string>  $more  tags */
    private static function profile(string $curve, array $more = []): string
    {
        $colour = IccBytes::xyz([0.3, 0.3, 0.3]);

        return IccBytes::of('mntrRGB ', 'XYZ ', 'test', [
            'rXYZ' => $colour,
            'gXYZ' => $colour,
            'bXYZ' => $colour,
            'rTRC' => $curve,
            'gTRC' => null,
            'bTRC' => null,
            ...$more,
        ]);
    }
}
