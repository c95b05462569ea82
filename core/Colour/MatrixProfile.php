<?php

declare(strict_types=1);

namespace Planisher\Colour;

/**
 * An ICC profile of a space that is a matrix and a curve, as bytes: ICC.1:2001-04 (v2.4), class display, in English.
 * D50 and the tag formats: ICC.1:2001-04; chromatic adaptation: Bradford (Lam 1985). Version 2 on purpose: the oldest lab
 * software reads it. wtpt is the native white and there is no chad tag, as in the widespread v2 profiles; some readers
 * misread v2 with chad.
 */
final class MatrixProfile
{
    private const D50 = [0.9642, 1.0, 0.8249];

    private const BRADFORD = [[0.8951, 0.2664, -0.1614], [-0.7502, 1.7135, 0.0367], [0.0389, -0.0685, 1.0296]];

    private const COPYRIGHT = 'No copyright, use freely (CC0)';

    /**
     * @param  list<array{float, float}>  $chromaticities  x, y of white, red, green and blue
     * @param  string  $curve  as gamma() or curve() gives it
     */
    public static function rgb(string $name, array $chromaticities, string $curve): string
    {
        $white = self::fromXy($chromaticities[0]);
        $columns = self::quantised(self::product(self::adaptation($white), self::primariesToXyz(array_slice($chromaticities, 1), $white)));

        return self::written('RGB ', [
            ...self::said($name),
            'wtpt' => self::xyz($white),
            'rXYZ' => self::xyz(array_column($columns, 0)),
            'gXYZ' => self::xyz(array_column($columns, 1)),
            'bXYZ' => self::xyz(array_column($columns, 2)),
            'rTRC' => $curve,
            'gTRC' => null, // shares red's
            'bTRC' => null,
        ]);
    }

    public static function grey(string $name, string $curve): string
    {
        return self::written('GRAY', [...self::said($name), 'wtpt' => self::xyz(self::D50), 'kTRC' => $curve]);
    }

    /** Of a picture that says its colours in its tags. */
    public static function of(TaggedColour $tagged, Channels $channels): string
    {
        $curve = self::gamma($tagged->gamma);

        return $channels === Channels::Grey
            ? self::grey($tagged->label, $curve)
            : self::rgb($tagged->label, $tagged->chromaticities, $curve);
    }

    /** A power of the code, in the 1/256 of u8Fixed8Number. */
    public static function gamma(float $gamma): string
    {
        return "curv\0\0\0\0".pack('Nn', 1, (int) round(256 * $gamma));
    }

    /** @param  callable(float): float  $transfer  from codes of 0 to 1 to light */
    public static function curve(callable $transfer, int $count): string
    {
        $points = array_map(fn (int $i): string => pack('n', (int) round(65535 * $transfer($i / ($count - 1)))), range(0, $count - 1));

        return "curv\0\0\0\0".pack('N', $count).implode('', $points);
    }

    /** @return array<string, string> */
    private static function said(string $name): array
    {
        return [
            'desc' => "desc\0\0\0\0".pack('N', strlen($name) + 1).$name."\0".pack('NN', 0, 0).pack('nC', 0, 0).str_repeat("\0", 67),
            'cprt' => "text\0\0\0\0".self::COPYRIGHT."\0",
        ];
    }

    /** @param  array<string, ?string>  $tags  null shares the one before */
    private static function written(string $space, array $tags): string
    {
        $start = 128 + 4 + 12 * count($tags);
        $directory = pack('N', count($tags));
        $data = '';
        $last = [0, 0];
        foreach ($tags as $signature => $tag) {
            if ($tag !== null) {
                $last = [$start + strlen($data), strlen($tag)];
                $data .= $tag.str_repeat("\0", (4 - (strlen($tag) % 4)) % 4);
            }
            $directory .= $signature.pack('NN', ...$last);
        }
        $header =
            pack('N', $start + strlen($data)).
            "\0\0\0\0".
            pack('N', 0x02400000).
            "mntr{$space}XYZ ".
            pack('n6', 2026, 1, 1, 0, 0, 0).
            'acsp'.
            str_repeat("\0", 28).
            implode('', array_map(self::fixed(...), self::D50)).
            str_repeat("\0", 48);

        return $header.$directory.$data;
    }

    /**
     * The matrix in 1/65536, each row's rounding given to its largest number, so that device white is PCS white exactly.
     *
     * @param  list<list<float>>  $matrix
     * @return list<list<float>>
     */
    private static function quantised(array $matrix): array
    {
        foreach ($matrix as $i => $row) {
            $whole = array_map(fn (float $v): int => (int) round($v * 65536), $row);
            $whole[array_search(max($whole), $whole, true)] += (int) round(self::D50[$i] * 65536) - array_sum($whole);
            $matrix[$i] = array_map(fn (int $v): float => $v / 65536, $whole);
        }

        return $matrix;
    }

    /**
     * @param  list<array{float, float}>  $primaries
     * @param  list<float>  $white
     * @return list<list<float>>
     */
    private static function primariesToXyz(array $primaries, array $white): array
    {
        $xyz = array_map(self::fromXy(...), $primaries);
        $matrix = [array_column($xyz, 0), array_column($xyz, 1), array_column($xyz, 2)];
        $amounts = self::product(self::inverse($matrix), self::column($white));

        return array_map(fn (array $row): array => [$row[0] * $amounts[0][0], $row[1] * $amounts[1][0], $row[2] * $amounts[2][0]], $matrix);
    }

    /**
     * @param  list<float>  $white
     * @return list<list<float>>
     */
    private static function adaptation(array $white): array
    {
        $from = self::product(self::BRADFORD, self::column($white));
        $to = self::product(self::BRADFORD, self::column(self::D50));
        $scale = [[$to[0][0] / $from[0][0], 0, 0], [0, $to[1][0] / $from[1][0], 0], [0, 0, $to[2][0] / $from[2][0]]];

        return self::product(self::inverse(self::BRADFORD), self::product($scale, self::BRADFORD));
    }

    /**
     * @param  array{float, float}  $xy
     * @return list<float>
     */
    private static function fromXy(array $xy): array
    {
        return [$xy[0] / $xy[1], 1.0, (1 - $xy[0] - $xy[1]) / $xy[1]];
    }

    /**
     * @param  list<float>  $vector
     * @return list<list<float>>
     */
    private static function column(array $vector): array
    {
        return array_map(fn (float $v): array => [$v], $vector);
    }

    /**
     * @param  list<list<float|int>>  $a
     * @param  list<list<float|int>>  $b
     * @return list<list<float>>
     */
    private static function product(array $a, array $b): array
    {
        return array_map(
            fn (array $row): array => array_map(
                fn (int $j): float => (float) array_sum(array_map(fn (float|int $v, array $other): float => $v * $other[$j], $row, $b)),
                array_keys($b[0]),
            ),
            $a,
        );
    }

    /**
     * @param  list<list<float>>  $m  three by three
     * @return list<list<float>>
     */
    private static function inverse(array $m): array
    {
        [[$a, $b, $c], [$d, $e, $f], [$g, $h, $i]] = $m;
        $determinant = $a * ($e * $i - $f * $h) - $b * ($d * $i - $f * $g) + $c * ($d * $h - $e * $g);

        return array_map(fn (array $row): array => array_map(fn (float $v): float => $v / $determinant, $row), [
            [$e * $i - $f * $h, $c * $h - $b * $i, $b * $f - $c * $e],
            [$f * $g - $d * $i, $a * $i - $c * $g, $c * $d - $a * $f],
            [$d * $h - $e * $g, $b * $g - $a * $h, $a * $e - $b * $d],
        ]);
    }

    private static function fixed(float $v): string
    {
        return pack('N', ((int) round($v * 65536)) & 0xFFFFFFFF);
    }

    /** @param  list<float>  $v */
    private static function xyz(array $v): string
    {
        return "XYZ \0\0\0\0".implode('', array_map(self::fixed(...), $v));
    }
}
