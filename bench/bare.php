<?php

declare(strict_types=1);

/**
 * The bare library doing a file's steps and nothing else: open, crop, scale, convert, encode. No plan, no checks, no tags
 * of our own, no read-back. What bin/planisher bench measures our whole process against.
 *
 *     php bench/bare.php JOB.json
 *
 * The job: in, profile, quality, crop [x, y, width, height], to [width, height], and one of out (a file), panels
 * [[left, width, file] …], or wrap {out, edge, sigma}. With lift {table, roots} it is converted by these instead; sharpen {sigma,
 * slope, lighten, darken} comes before encoding. With cells [{in, shrink, crop, to, at [x, y], turned} …] on paper [width, height] it
 * lays several pictures on one file. With pixels (a finished file’s) it only decodes and encodes.
 *
 * An FFI program rather than a chain of `vips` commands: a chain writes and reads the whole picture between its steps.
 */
$job = json_decode((string) file_get_contents($argv[1]), true);

$vips = FFI::cdef(
    '
    typedef struct _VipsImage VipsImage; typedef struct _VipsInterpolate VipsInterpolate; typedef struct _VipsArea VipsArea;
    int vips_init(const char *name);
    const char *vips_error_buffer(void);
    void vips_cache_set_max(int max);
    VipsImage *vips_image_new_from_file(const char *name, ...);
    VipsImage *vips_image_new_from_memory_copy(const void *data, size_t size, int width, int height, int bands, int format);
    VipsImage *vips_image_copy_memory(VipsImage *in);
    int vips_image_get_width(const VipsImage *image);
    int vips_image_get_height(const VipsImage *image);
    VipsInterpolate *vips_interpolate_new(const char *name);
    VipsArea *vips_array_int_new(const int *array, int n);
    int vips_crop(VipsImage *in, VipsImage **out, int left, int top, int width, int height, ...);
    int vips_resize(VipsImage *in, VipsImage **out, double scale, ...);
    int vips_affine(VipsImage *in, VipsImage **out, double a, double b, double c, double d, ...);
    int vips_icc_transform(VipsImage *in, VipsImage **out, const char *profile, ...);
    int vips_embed(VipsImage *in, VipsImage **out, int x, int y, int width, int height, ...);
    int vips_insert(VipsImage *main, VipsImage *sub, VipsImage **out, int x, int y, ...);
    int vips_shrink(VipsImage *in, VipsImage **out, double x, double y, ...);
    int vips_gaussblur(VipsImage *in, VipsImage **out, double sigma, ...);
    int vips_relational(VipsImage *one, VipsImage *other, VipsImage **out, int how, ...);
    int vips_maplut(VipsImage *in, VipsImage **out, VipsImage *table, ...);
    int vips_ifthenelse(VipsImage *mask, VipsImage *in1, VipsImage *in2, VipsImage **out, ...);
    int vips_copy(VipsImage *in, VipsImage **out, ...);
    int vips_rot(VipsImage *in, VipsImage **out, int angle, ...);
    int vips_sharpen(VipsImage *in, VipsImage **out, ...);
    int vips_image_write_to_file(VipsImage *image, const char *name, ...);
    int vips_jpegsave(VipsImage *in, const char *name, ...);
',
    'libvips.so.42',
);
$vips->vips_init('bare');
$vips->vips_cache_set_max(0);

$check = function (int $failed) use ($vips): void {
    if ($failed !== 0) {
        fwrite(STDERR, $vips->vips_error_buffer());
        exit(1);
    }
};
$run = function (string $operation, $image, mixed ...$rest) use ($vips, $check) {
    $out = $vips->new('VipsImage*');
    $check($vips->{"vips_{$operation}"}($image, FFI::addr($out), ...[...$rest, null]));

    return $out;
};
$ints = function (int ...$numbers) use ($vips) {
    $array = $vips->new('int['.count($numbers).']');
    foreach ($numbers as $i => $number) {
        $array[$i] = $number;
    }

    return $vips->vips_array_int_new($vips->cast('int*', $array), count($numbers));
};
$enlarged = fn ($image, float $x, float $y, int $width, int $height, string $how) => $run(
    'affine',
    $image,
    $x,
    0.0,
    0.0,
    $y,
    'interpolate',
    $vips->vips_interpolate_new($how),
    'oarea',
    $ints(0, 0, $width, $height),
    'idx',
    (1 - 1 / $x) / 2,
    'idy',
    (1 - 1 / $y) / 2,
    'extend',
    1,
);
$save = fn ($image, string $out) => $check(
    str_ends_with($out, '.v')
        ? $vips->vips_image_write_to_file($image, $out, null) // libvips' own format: pixels as they lie in memory
        : $vips->vips_jpegsave($image, $out, 'Q', $job['quality'], 'subsample_mode', 2, null),
);

if (isset($job['pixels'])) {
    // what nobody is spared: the part that is printed decoded, and a finished file's pixels encoded
    $vips->vips_image_copy_memory($run('crop', $vips->vips_image_new_from_file($job['in'], 'access', 1, null), ...$job['crop']));
    $save($vips->vips_image_new_from_file($job['pixels'], null), $job['out']);
    exit(0);
}
if (isset($job['cells'])) {
    $sheet = null;
    foreach ($job['cells'] as $cell) {
        $print = $run('crop', $vips->vips_image_new_from_file($cell['in'], 'access', 1, 'shrink', $cell['shrink'], null), ...$cell['crop']);
        $print = $run('resize', $print, $cell['to'][0] / $cell['crop'][2], 'vscale', $cell['to'][1] / $cell['crop'][3], 'kernel', 5);
        $print = $cell['turned'] ? $run('rot', $vips->vips_image_copy_memory($print), 1) : $print;
        $print = $run('icc_transform', $print, $job['profile'], 'embedded', 1, 'intent', 1, 'black_point_compensation', 1);
        if ($sheet === null) {
            $sheet = $run('embed', $print, ...[...$cell['at'], ...$job['paper'], 'extend', 4]);

            continue;
        }
        $laid = $vips->new('VipsImage*');
        $check($vips->vips_insert($sheet, $print, FFI::addr($laid), ...[...$cell['at'], null]));
        $sheet = $laid;
    }
    $save($sheet, $job['out']);
    exit(0);
}
[$toWidth, $toHeight] = $job['to'];
$image = $vips->vips_image_new_from_file($job['in'], 'access', 1, null);
$image = $run('crop', $image, ...$job['crop']);
[$scaleX, $scaleY] = [$toWidth / $job['crop'][2], $toHeight / $job['crop'][3]];
$enlarges = $scaleX > 1 || $scaleY > 1;
$scaled = fn ($image) => $enlarges
    ? $enlarged($image, $scaleX, $scaleY, $toWidth, $toHeight, 'bicubic')
    : $run('resize', $image, $scaleX, 'vscale', $scaleY, 'kernel', 5);
if (! $enlarges) {
    $image = $scaled($image);
}
if (isset($job['lift'])) {
    // by the table our process makes; what its results stand for is no more work than this
    $codes = implode('', array_map(fn (int $step): string => chr($step >> 8), range(0, 65_535)));
    $table = $vips->vips_image_new_from_memory_copy($codes, strlen($codes), 65_536, 1, 1, 0);
    ['table' => $from, 'roots' => $to] = $job['lift'];
    $image = $run('icc_transform', $image, $to, 'input_profile', $from, 'intent', 3, 'depth', 16);
    $image = $run('copy', $run('maplut', $image, $table), 'interpretation', 22);
} else {
    $image = $run('icc_transform', $image, $job['profile'], 'embedded', 1, 'intent', 1, 'black_point_compensation', 1);
}
if (! isset($job['out'])) {
    $image = $vips->vips_image_copy_memory($image); // read again: decoded, and converted, once
}
if ($enlarges) {
    $image = $scaled($image); // converted where there are fewer pixels of it
}
if (isset($job['sharpen'])) {
    $image = $run(
        'sharpen',
        $image,
        'sigma',
        (float) $job['sharpen']['sigma'],
        'x1',
        0.5,
        'm1',
        0.0,
        'm2',
        (float) $job['sharpen']['slope'],
        'y2',
        (float) $job['sharpen']['lighten'],
        'y3',
        (float) $job['sharpen']['darken'],
    );
}
if (isset($job['out'])) {
    $save($image, $job['out']);
}
foreach ($job['panels'] ?? [] as [$left, $width, $out]) {
    $save($run('crop', $image, $left, 0, $width, $toHeight), $out);
}
if (isset($job['wrap'])) {
    ['out' => $out, 'edge' => $edge, 'sigma' => $sigma] = $job['wrap'];
    [$width, $height] = [$toWidth + 2 * $edge, $toHeight + 2 * $edge];
    $whole = $run('embed', $image, $edge, $edge, $width, $height, 'extend', 3);
    $pad = (int) ceil(3 * $sigma);
    $finished = $whole;
    foreach (
        [
            [0, 0, $width, $edge],
            [0, $height - $edge, $width, $edge],
            [0, $edge, $edge, $toHeight],
            [$width - $edge, $edge, $edge, $toHeight],
        ] as [$x, $y, $wide, $high]
    ) {
        [$left, $top, $right, $bottom] = [
            max(0, $x - $pad),
            max(0, $y - $pad),
            min($width, $x + $wide + $pad),
            min($height, $y + $high + $pad),
        ];
        $around = $vips->vips_image_copy_memory($run('crop', $whole, $left, $top, $right - $left, $bottom - $top));
        $cut = fn ($of) => $run('crop', $of, $x - $left, $y - $top, $wide, $high);
        // How far each pixel is from the fold; in corners the farther of both ways
        $line = fn (int $from, int $length, int $face): array => array_map(
            fn (int $at): int => max(0, $edge - 1 - $at, $at - $edge - $face),
            range($from, $from + $length - 1),
        );
        $numbers = fn (array $of, int $w, int $h) => $run(
            'embed',
            $vips->vips_image_new_from_memory_copy($bytes = pack('v*', ...$of), strlen($bytes), $w, $h, 1, 2),
            0,
            0,
            $wide,
            $high,
            'extend',
            1,
        );
        [$across, $down] = [$numbers($line($x, $wide, $toWidth), $wide, 1), $numbers($line($y, $high, $toHeight), 1, $high)];
        [$isMore, $distance] = [$vips->new('VipsImage*'), $vips->new('VipsImage*')];
        $check($vips->vips_relational($across, $down, FFI::addr($isMore), 4, null));
        $check($vips->vips_ifthenelse($isMore, $across, $down, FFI::addr($distance), null));
        $soft = $cut($around);
        $from = 0.0;
        foreach ([0.25, 0.5, 1.0] as $step) {
            $factor = max(1, (int) floor(($step * $sigma) / 2));
            $even = fn (int $of): int => (int) ceil($of / $factor) * $factor;
            $small = $run(
                'shrink',
                $run('embed', $around, 0, 0, $even($right - $left), $even($bottom - $top), 'extend', 1),
                (float) $factor,
                (float) $factor,
            );
            $small = $run('gaussblur', $small, sqrt((($step * $sigma) ** 2 - $factor ** 2 / 4) / $factor ** 2), 'min_ampl', 0.01);
            $blurred = $cut($enlarged($vips->vips_image_copy_memory($small), $factor, $factor, $right - $left, $bottom - $top, 'bilinear'));
            $code = array_map(
                fn (int $far): string => chr((int) round(255 * max(0, min(1, (($far + 0.5) / $edge - $from) / ($step - $from))))),
                range(0, $edge),
            );
            $table = $vips->vips_image_new_from_memory_copy($codes = implode('', $code), strlen($codes), count($code), 1, 1, 0);
            $out1 = $vips->new('VipsImage*');
            $check($vips->vips_ifthenelse($run('maplut', $distance, $table), $blurred, $soft, FFI::addr($out1), 'blend', 1, null));
            [$soft, $from] = [$out1, $step];
        }
        $inserted = $vips->new('VipsImage*');
        $check($vips->vips_insert($finished, $soft, FFI::addr($inserted), $x, $y, null));
        $finished = $inserted;
    }
    $save($finished, $out);
}
