<?php

declare(strict_types=1);

/**
 * Writes the profiles we embed: ICC.1:2001-04 (v2.4) matrix/TRC display profiles in English, from published primaries.
 * Run `php imaging/profiles/make.php imaging/profiles`; the result is committed. Sources:
 *  - sRGB: IEC 61966-2-1:1999, primaries and transfer function
 *  - Adobe RGB (1998) Color Image Encoding, 2005-05: primaries, white point and gamma 563/256
 *  - D50 and the tag formats: ICC.1:2001-04; chromatic adaptation: Bradford (Lam 1985)
 * Version 2 on purpose: the oldest lab software reads it. wtpt is the native white and there is no chad tag, as in the
 * widespread v2 profiles; some readers misread v2 with chad.
 */
const D50 = [0.9642, 1.0, 0.8249];
const D65_XY = [0.3127, 0.3290];
const COPYRIGHT = 'No copyright, use freely (CC0)';

$spaces = [
    'srgb' => [
        'name' => 'sRGB IEC61966-2.1',
        'primaries' => [[0.64, 0.33], [0.30, 0.60], [0.15, 0.06]],
        'curve' => curve(fn (float $v): float => $v <= 0.04045 ? $v / 12.92 : (($v + 0.055) / 1.055) ** 2.4, 1024),
    ],
    'compatible-with-adobe-rgb-1998' => [
        'name' => 'Compatible with Adobe RGB (1998)',
        'primaries' => [[0.64, 0.33], [0.21, 0.71], [0.15, 0.06]],
        'curve' => "curv\0\0\0\0".pack('Nn', 1, 563), // u8Fixed8: 563/256 exactly
    ],
];

foreach ($spaces as $file => $space) {
    file_put_contents(($argv[1] ?? __DIR__)."/{$file}.icc", profile($space['name'], $space['primaries'], $space['curve']));
}

/** @param  list<array{float, float}>  $primaries chromaticities x, y of red, green and blue */
function profile(string $name, array $primaries, string $curve): string
{
    $white = fromXy(D65_XY);
    $columns = quantised(product(adaptation($white), primariesToXyz($primaries, $white)));
    $tags = [
        'desc' => "desc\0\0\0\0".pack('N', strlen($name) + 1).$name."\0".pack('NN', 0, 0).pack('nC', 0, 0).str_repeat("\0", 67),
        'cprt' => "text\0\0\0\0".COPYRIGHT."\0",
        'wtpt' => xyz($white),
        'rXYZ' => xyz(array_column($columns, 0)),
        'gXYZ' => xyz(array_column($columns, 1)),
        'bXYZ' => xyz(array_column($columns, 2)),
        'rTRC' => $curve,
        'gTRC' => null, // shares red's
        'bTRC' => null,
    ];
    $start = 128 + 4 + 12 * count($tags);
    $directory = pack('N', count($tags));
    $data = '';
    $last = [0, 0];
    foreach ($tags as $signature => $tag) {
        if ($tag !== null) {
            $last = [$start + strlen($data), strlen($tag)];
            $data .= $tag.str_repeat("\0", (4 - strlen($tag) % 4) % 4);
        }
        $directory .= $signature.pack('NN', ...$last);
    }
    $header = pack('N', $start + strlen($data))."\0\0\0\0".pack('N', 0x02400000).'mntrRGB XYZ '.pack('n6', 2026, 1, 1, 0, 0, 0)
        .'acsp'.str_repeat("\0", 28).implode('', array_map('fixed', D50)).str_repeat("\0", 48);

    return $header.$directory.$data;
}

/** The matrix in 1/65536, each row's rounding given to its largest number, so that device white is PCS white exactly. */
function quantised(array $matrix): array
{
    foreach ($matrix as $i => $row) {
        $whole = array_map(fn (float $v): int => (int) round($v * 65536), $row);
        $whole[array_search(max($whole), $whole, true)] += (int) round(D50[$i] * 65536) - array_sum($whole);
        $matrix[$i] = array_map(fn (int $v): float => $v / 65536, $whole);
    }

    return $matrix;
}

function primariesToXyz(array $primaries, array $white): array
{
    $xyz = array_map('fromXy', $primaries);
    $matrix = [array_column($xyz, 0), array_column($xyz, 1), array_column($xyz, 2)];
    $amounts = product(inverse($matrix), column($white));

    return array_map(fn (array $row): array => [$row[0] * $amounts[0][0], $row[1] * $amounts[1][0], $row[2] * $amounts[2][0]], $matrix);
}

function adaptation(array $white): array
{
    $bradford = [[0.8951, 0.2664, -0.1614], [-0.7502, 1.7135, 0.0367], [0.0389, -0.0685, 1.0296]];
    $from = product($bradford, column($white));
    $to = product($bradford, column(D50));
    $scale = [[$to[0][0] / $from[0][0], 0, 0], [0, $to[1][0] / $from[1][0], 0], [0, 0, $to[2][0] / $from[2][0]]];

    return product(inverse($bradford), product($scale, $bradford));
}

function fromXy(array $xy): array
{
    return [$xy[0] / $xy[1], 1.0, (1 - $xy[0] - $xy[1]) / $xy[1]];
}

function column(array $vector): array
{
    return array_map(fn (float $v): array => [$v], $vector);
}

function product(array $a, array $b): array
{
    return array_map(
        fn (array $row): array => array_map(fn (int $j): float => array_sum(array_map(fn (float|int $v, array $other): float => $v * $other[$j], $row, $b)), array_keys($b[0])),
        $a,
    );
}

function inverse(array $m): array
{
    [[$a, $b, $c], [$d, $e, $f], [$g, $h, $i]] = $m;
    $determinant = $a * ($e * $i - $f * $h) - $b * ($d * $i - $f * $g) + $c * ($d * $h - $e * $g);

    return array_map(fn (array $row): array => array_map(fn (float $v): float => $v / $determinant, $row), [
        [$e * $i - $f * $h, $c * $h - $b * $i, $b * $f - $c * $e],
        [$f * $g - $d * $i, $a * $i - $c * $g, $c * $d - $a * $f],
        [$d * $h - $e * $g, $b * $g - $a * $h, $a * $e - $b * $d],
    ]);
}

function fixed(float $v): string
{
    return pack('N', ((int) round($v * 65536)) & 0xFFFFFFFF);
}

function xyz(array $v): string
{
    return "XYZ \0\0\0\0".implode('', array_map('fixed', $v));
}

function curve(callable $transfer, int $count): string
{
    $points = array_map(fn (int $i): string => pack('n', (int) round(65535 * $transfer($i / ($count - 1)))), range(0, $count - 1));

    return "curv\0\0\0\0".pack('N', $count).implode('', $points);
}
