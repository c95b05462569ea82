<?php

declare(strict_types=1);

/**
 * Writes the profiles we embed from published primaries. Run `php imaging/profiles/make.php`; the result is committed.
 *  - sRGB: IEC 61966-2-1:1999, primaries and transfer function
 *  - Adobe RGB (1998) Color Image Encoding, 2005-05: primaries, white point and gamma 563/256
 */

use Planisher\Colour\MatrixProfile;

require __DIR__.'/../../vendor/autoload.php';

$d65 = [0.3127, 0.329];
$srgb = MatrixProfile::curve(fn (float $v): float => $v <= 0.04045 ? $v / 12.92 : (($v + 0.055) / 1.055) ** 2.4, 1024);
$spaces = [
    'srgb' => MatrixProfile::rgb('sRGB IEC61966-2.1', [$d65, [0.64, 0.33], [0.3, 0.6], [0.15, 0.06]], $srgb),
    'compatible-with-adobe-rgb-1998' => MatrixProfile::rgb(
        'Compatible with Adobe RGB (1998)',
        [$d65, [0.64, 0.33], [0.21, 0.71], [0.15, 0.06]],
        MatrixProfile::gamma(563 / 256),
    ),
];
foreach ($spaces as $file => $profile) {
    file_put_contents(($argv[1] ?? __DIR__)."/{$file}.icc", $profile);
}
