<?php

declare(strict_types=1);

namespace Planisher\Colour;

/**
 * An ICC profile of a space that is a matrix and a curve, as bytes: class display, in English. Chromatic adaptation: Bradford
 * (Lam 1985). wtpt is the native white and there is no chad tag, as in the widespread v2 profiles; some readers misread v2
 * with chad.
 */
final class MatrixProfile
{
    private const BRADFORD = [[0.8951, 0.2664, -0.1614], [-0.7502, 1.7135, 0.0367], [0.0389, -0.0685, 1.0296]];

    /**
     * @param  list<array{float, float}>  $chromaticities  x, y of white, red, green and blue
     * @param  string  $curve  as IccBytes writes it
     */
    public static function rgb(string $name, array $chromaticities, string $curve): string
    {
        $toXyz = self::toXyz($chromaticities);

        return IccBytes::of('mntrRGB ', 'XYZ ', $name, [
            'wtpt' => IccBytes::xyz(self::fromXy($chromaticities[0])),
            'rXYZ' => IccBytes::xyz($toXyz->column(0)),
            'gXYZ' => IccBytes::xyz($toXyz->column(1)),
            'bXYZ' => IccBytes::xyz($toXyz->column(2)),
            'rTRC' => $curve,
            'gTRC' => null, // shares red's
            'bTRC' => null,
        ]);
    }

    public static function grey(string $name, string $curve): string
    {
        return IccBytes::of('mntrGRAY', 'XYZ ', $name, ['wtpt' => IccBytes::xyz(IccBytes::D50), 'kTRC' => $curve]);
    }

    /** Of a picture that says its colours in its tags. */
    public static function of(TaggedColour $tagged, Channels $channels): string
    {
        $curve = IccBytes::gamma($tagged->gamma);

        return $channels === Channels::Grey
            ? self::grey($tagged->label, $curve)
            : self::rgb($tagged->label, $tagged->chromaticities, $curve);
    }

    /**
     * From light in the primaries to XYZ of the connection space, as a profile has it: in 1/65536, each row's rounding given to
     * its largest number, so that device white is the connection space's white exactly.
     *
     * @param  list<array{float, float}>  $chromaticities  x, y of white, red, green and blue
     */
    public static function toXyz(array $chromaticities): Matrix
    {
        $white = self::fromXy($chromaticities[0]);
        [$red, $green, $blue] = array_map(self::fromXy(...), array_slice($chromaticities, 1));
        $primaries = (new Matrix([$red, $green, $blue]))->transposed();
        $exact = self::adaptation($white)->after($primaries->after(Matrix::scaling($primaries->inverse()->of($white))));
        $row = function (int $i) use ($exact): array {
            $whole = array_map(fn (float $v): int => (int) round($v * 65536), $exact->rows[$i]);
            $whole[(int) array_search(max($whole), $whole, true)] += (int) round(IccBytes::D50[$i] * 65536) - array_sum($whole);

            return array_map(fn (int $v): float => $v / 65536, array_values($whole));
        };

        return new Matrix([$row(0), $row(1), $row(2)]);
    }

    /** @param  list<float>  $white */
    private static function adaptation(array $white): Matrix
    {
        $bradford = new Matrix(self::BRADFORD);
        $scale = array_map(fn (float $to, float $from): float => $to / $from, $bradford->of(IccBytes::D50), $bradford->of($white));

        return $bradford->inverse()->after(Matrix::scaling($scale)->after($bradford));
    }

    /**
     * @param  array{float, float}  $xy
     * @return list<float>
     */
    private static function fromXy(array $xy): array
    {
        return [$xy[0] / $xy[1], 1.0, (1 - $xy[0] - $xy[1]) / $xy[1]];
    }
}
