<?php

declare(strict_types=1);

namespace Planisher\Imaging;

use Planisher\Colour\ToneCurve;
use Planisher\Imaging\Vips\Image;

/**
 * Puts a picture's lightness L* through a curve and leaves its a* and b*. It is done in ROMM RGB of 16 bits (ISO 22028-2),
 * which holds every printable colour, by libvips' own CIE formulas for its white, D50: libvips 8.14's import into Lab by
 * way of a profile is off by 257/256 and half a unit.
 */
final class Lightness
{
    /** ISO 22028-2: ROMM RGB to XYZ of D50 */
    public const TO_XYZ = [[0.7977, 0.1352, 0.0313], [0.288, 0.7119, 0.0001], [0.0, 0.0, 0.8249]];

    /** D50, of Y 100 (ICC.1) */
    private const WHITE = [96.42, 100.0, 82.49];

    private const GAMMA = 1.8;

    private const STEPS = 65_535;

    public static function profile(): string
    {
        return __DIR__.'/profiles/romm.icc';
    }

    /** @param  Image  $romm  of 16 bits, in ROMM RGB */
    public static function lifted(Image $romm, ToneCurve $tone): Image
    {
        $linear = $romm
            ->run('extract_band', [0], ['n' => 3])
            ->mapped(Image::row(array_map(fn (int $code): float => 100 * self::decoded($code / self::STEPS), range(0, self::STEPS))));
        $lab = $linear->recombined(self::TO_XYZ)->run('XYZ2Lab', [], ['temp' => self::WHITE]);
        $fine = 100 * 100; // steps of a hundredth of an L*
        $lightness = $lab
            ->run('extract_band', [0])
            ->run('linear1', [100.0, 0.5])
            ->run('cast', [Image::FORMAT_16_BIT])
            ->mapped(Image::row(array_map(fn (int $step): float => $tone->at($step / 100), range(0, $fine))));

        return self::fromLab(
            $lightness->joined($lab->run('extract_band', [1], ['n' => 2]))->run('copy', options: ['interpretation' => Image::SPACE_LAB]),
        );
    }

    /** CIE Lab of D50 as ROMM RGB of 16 bits. */
    public static function fromLab(Image $lab): Image
    {
        $back = $lab->run('Lab2XYZ', [], ['temp' => self::WHITE])->recombined(self::fromXyz());
        $codes = array_map(fn (int $step): int => (int) round(self::encoded($step / self::STEPS) * self::STEPS), range(0, self::STEPS));

        return $back
            ->run('linear1', [self::STEPS / 100, 0.5])
            ->run('cast', [Image::FORMAT_16_BIT])
            ->mapped(Image::ofNumbers($codes, self::STEPS + 1, 1))
            ->run('copy', options: ['interpretation' => Image::SPACE_RGB16]);
    }

    /** ISO 22028-2: gamma 1.8 with a straight piece of slope 16 at the dark end */
    private static function decoded(float $v): float
    {
        return $v < 16 / 512 ? $v / 16 : $v ** self::GAMMA;
    }

    private static function encoded(float $v): float
    {
        return $v < 1 / 512 ? 16 * $v : $v ** (1 / self::GAMMA);
    }

    /** @return list<list<float>> the inverse of TO_XYZ, by cofactors */
    public static function fromXyz(): array
    {
        $m = self::TO_XYZ;
        $minor = fn (int $r, int $c): float => $m[($r + 1) % 3][($c + 1) % 3] * $m[($r + 2) % 3][($c + 2) % 3] -
            $m[($r + 1) % 3][($c + 2) % 3] * $m[($r + 2) % 3][($c + 1) % 3];
        $determinant = $m[0][0] * $minor(0, 0) + $m[0][1] * $minor(0, 1) + $m[0][2] * $minor(0, 2);

        return array_map(fn (int $r): array => array_map(fn (int $c): float => $minor($c, $r) / $determinant, [0, 1, 2]), [0, 1, 2]);
    }
}
