<?php

declare(strict_types=1);

namespace Planisher\Imaging\Colour;

use Planisher\Colour\Matrix;
use Planisher\Colour\ToneCurve;
use Planisher\Imaging\Vips\BandFormat;
use Planisher\Imaging\Vips\Image;
use Planisher\Imaging\Vips\Interpretation;

/**
 * Colours as CIE Lab of the connection space's white, D50, by libvips' own CIE formulas: libvips 8.14's import into Lab by way
 * of a profile is off by 257/256 and half a unit. Puts lightness L* through a curve and leaves a* and b*. ROMM RGB of 16 bits
 * (ISO 22028-2), which holds every printable colour, is what leads from there to profiles.
 */
final class Lightness
{
    /** ISO 22028-2: ROMM RGB to XYZ of D50 */
    private const TO_XYZ = [[0.7977, 0.1352, 0.0313], [0.288, 0.7119, 0.0001], [0.0, 0.0, 0.8249]];

    /** D50, of Y 100 (ICC.1) */
    private const WHITE = [96.42, 100.0, 82.49];

    private const GAMMA = 1.8;

    private const STEPS = 65_535;

    /** XYZ of D50, white at 100, as CIE Lab. */
    public static function ofXyz(Image $xyz): Image
    {
        return $xyz->run('XYZ2Lab', [], ['temp' => self::WHITE]);
    }

    /** @param  Image  $lab  CIE Lab of D50 */
    public static function lifted(Image $lab, ToneCurve $tone): Image
    {
        $fine = 100 * 100; // steps of a hundredth of an L*
        $lightness = $lab
            ->run('extract_band', [0])
            ->run('linear1', [100.0, 0.5])
            ->run('cast', [BandFormat::Bits16])
            ->mapped(Image::row(array_map(fn (int $step): float => $tone->at($step / 100), range(0, $fine))));

        return $lightness->joined($lab->run('extract_band', [1], ['n' => 2]))->as(Interpretation::Lab);
    }

    /** CIE Lab of D50 as ROMM RGB of 16 bits. */
    public static function fromLab(Image $lab): Image
    {
        $back = self::light($lab, (new Matrix(self::TO_XYZ))->inverse());
        $codes = array_map(fn (int $step): int => (int) round(self::encoded($step / self::STEPS) * self::STEPS), range(0, self::STEPS));

        return $back
            ->run('linear1', [self::STEPS / 100, 0.5])
            ->run('cast', [BandFormat::Bits16])
            ->mapped(Image::ofNumbers($codes, self::STEPS + 1, 1))
            ->as(Interpretation::Rgb16);
    }

    /**
     * CIE Lab of D50 as light in some primaries, white at 100; below 0 and above it what lies beyond them.
     *
     * @param  Matrix  $fromXyz  into the primaries
     */
    public static function light(Image $lab, Matrix $fromXyz): Image
    {
        return $lab->run('Lab2XYZ', [], ['temp' => self::WHITE])->recombined($fromXyz->rows);
    }

    /** ISO 22028-2: gamma 1.8 with a straight piece of slope 16 at the dark end */
    private static function encoded(float $v): float
    {
        return $v < 1 / 512 ? 16 * $v : $v ** (1 / self::GAMMA);
    }
}
