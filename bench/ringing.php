<?php

declare(strict_types=1);

/**
 * What is seen of an enlargement's ringing beside a hard edge: php bench/ringing.php
 *
 * A step in lightness as a lens draws it (Gaussian, in pixels of the picture) is sampled, enlarged by a kernel, printed (the
 * pixel's aperture, the paper's spread) and looked at by an eye of one arcminute (full width at half maximum), all in linear
 * light; told is how far it then goes beyond the step in L*, the worst of all places the edge can have between two pixels.
 * The model is that of the notes on sharpening: 300 ppi, seen from 300 mm, lustre (0.025 mm).
 */
const PPI = 300.0;
const DISTANCE = 300.0;
const SPREAD = 0.025;
const FINE = 24; // steps of a pixel of the file

$kernels = [
    'bicubic' => [
        2,
        fn (float $x): float => ($x = abs($x)) < 1
            ? 1.5 * $x ** 3 - 2.5 * $x ** 2 + 1
            : ($x < 2
                ? -0.5 * $x ** 3 + 2.5 * $x ** 2 - 4 * $x + 2
                : 0.0),
    ],
    'lanczos3' => [
        3,
        fn (float $x): float => match (true) {
            abs($x) < 1e-9 => 1.0,
            abs($x) >= 3 => 0.0,
            default => (3 * sin(M_PI * $x) * sin((M_PI * $x) / 3)) / (M_PI * $x) ** 2,
        },
    ],
];
$toY = fn (float $l): float => $l > 8 ? (($l + 16) / 116) ** 3 : $l / 903.3;
$toL = fn (float $y): float => $y > 0.008856 ? 116 * $y ** (1 / 3) - 16 : 903.3 * $y;
$erf = function (float $x): float {
    // Abramowitz and Stegun 7.1.26
    $t = 1 / (1 + 0.3275911 * abs($x));
    $y = 1 - ((((1.061405429 * $t - 1.453152027) * $t + 1.421413741) * $t - 0.284496736) * $t + 0.254829592) * $t * exp(-$x * $x);

    return $x < 0 ? -$y : $y;
};
$encode = fn (float $y): float => $y <= 0.0031308 ? 12.92 * $y : 1.055 * $y ** (1 / 2.4) - 0.055;
$decode = fn (float $v): float => ($v = max(0.0, min(1.0, $v))) <= 0.04045 ? $v / 12.92 : (($v + 0.055) / 1.055) ** 2.4;
$pitch = 25.4 / PPI;
$eye = (DISTANCE * tan(M_PI / 180 / 60)) / 2.3548;
$sigma = (sqrt($eye ** 2 + SPREAD ** 2) / $pitch) * FINE; // in fine steps

printf("%-9s %-7s %-7s %-7s %s\n", 'kernel', 'times', 'edge', 'blur', 'beyond the edge, L* (as it stands in the file)');
foreach ($kernels as $name => [$reach, $kernel]) {
    foreach ([1.3, 2.0, 3.0] as $factor) {
        foreach ([[30, 80], [10, 95], [45, 60]] as [$dark, $light]) {
            foreach ([0.35, 0.6] as $blur) {
                [$seen, $inFile] = [0.0, 0.0];
                for ($phase = 0.0; $phase < 1; $phase += 0.125) {
                    $source = fn (int $i): float => $encode(
                        $toY($dark) + ($toY($light) - $toY($dark)) * (0.5 + 0.5 * $erf(($i + 0.5 - 30 - $phase) / ($blur * M_SQRT2))),
                    );
                    $file = [];
                    for ($x = 0; $x < (int) (60 * $factor); $x++) {
                        $at = ($x + 0.5) / $factor - 0.5;
                        [$sum, $weight] = [0.0, 0.0];
                        for ($i = (int) floor($at) - $reach + 1; $i <= (int) floor($at) + $reach; $i++) {
                            $w = $kernel($at - $i);
                            $sum += $w * $source($i);
                            $weight += $w;
                        }
                        $file[] = $decode(round((255 * $sum) / $weight) / 255);
                    }
                    $inner = array_slice($file, (int) (15 * $factor), (int) (30 * $factor));
                    $inFile = max($inFile, $toL(max($inner)) - $light, $dark - $toL(min($inner)));
                    // the pixel's aperture is the repetition; paper and eye are one Gaussian
                    $fine = array_merge(...array_map(fn (float $y): array => array_fill(0, FINE, $y), $inner));
                    $half = (int) ceil(3.5 * $sigma);
                    $gauss = array_map(fn (int $d): float => exp((-$d * $d) / (2 * $sigma ** 2)), range(-$half, $half));
                    $all = array_sum($gauss);
                    for ($at = $half; $at < count($fine) - $half; $at += 6) {
                        $y = 0.0;
                        foreach ($gauss as $k => $w) {
                            $y += $w * $fine[$at + $k - $half];
                        }
                        $seen = max($seen, $toL($y / $all) - $light, $dark - $toL($y / $all));
                    }
                }
                printf("%-9s %-7s %-7s %-7s %4.1f (%.1f)\n", $name, "{$factor} ×", "{$dark}|{$light}", "{$blur} px", $seen, $inFile);
            }
        }
    }
}
