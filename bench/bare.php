<?php

declare(strict_types=1);

/**
 * The bare library doing a file's steps and nothing else: open, crop, scale, convert, encode, one stream. No plan, no
 * checks, no tags of our own, no read-back. What bin/planisher bench measures our whole process against.
 *
 *     php bench/bare.php IN OUT X Y WIDTH HEIGHT TO_WIDTH TO_HEIGHT PROFILE QUALITY
 *
 * An FFI program rather than a chain of `vips` commands: a chain writes and reads the whole picture between its steps.
 */
[, $in, $out, $x, $y, $width, $height, $toWidth, $toHeight, $profile, $quality] = $argv;

$vips = FFI::cdef('
    typedef struct _VipsImage VipsImage; typedef struct _VipsInterpolate VipsInterpolate; typedef struct _VipsArea VipsArea;
    int vips_init(const char *name);
    const char *vips_error_buffer(void);
    void vips_cache_set_max(int max);
    VipsImage *vips_image_new_from_file(const char *name, ...);
    VipsInterpolate *vips_interpolate_new(const char *name);
    VipsArea *vips_array_int_new(const int *array, int n);
    int vips_crop(VipsImage *in, VipsImage **out, int left, int top, int width, int height, ...);
    int vips_resize(VipsImage *in, VipsImage **out, double scale, ...);
    int vips_affine(VipsImage *in, VipsImage **out, double a, double b, double c, double d, ...);
    int vips_icc_transform(VipsImage *in, VipsImage **out, const char *profile, ...);
    int vips_jpegsave(VipsImage *in, const char *name, ...);
', 'libvips.so.42');
$vips->vips_init('bare');
$vips->vips_cache_set_max(0);

$out1 = $vips->new('VipsImage*');
$step = function (int $failed) use ($vips, &$out1) {
    if ($failed !== 0) {
        fwrite(STDERR, $vips->vips_error_buffer());
        exit(1);
    }
    $image = $out1;
    $out1 = $vips->new('VipsImage*');

    return $image;
};
$image = $vips->vips_image_new_from_file($in, 'access', 1, null);
$image = $step($vips->vips_crop($image, FFI::addr($out1), (int) $x, (int) $y, (int) $width, (int) $height, null));
$scaleX = $toWidth / $width;
$scaleY = $toHeight / $height;
if ($scaleX <= 1 && $scaleY <= 1) {
    $image = $step($vips->vips_resize($image, FFI::addr($out1), $scaleX, 'vscale', $scaleY, 'kernel', 5, null));
} else {
    $area = $vips->new('int[4]');
    [$area[2], $area[3]] = [(int) $toWidth, (int) $toHeight];
    $image = $step($vips->vips_affine($image, FFI::addr($out1), $scaleX, 0.0, 0.0, $scaleY, 'interpolate', $vips->vips_interpolate_new('bicubic'),
        'oarea', $vips->vips_array_int_new($vips->cast('int*', $area), 4), 'idx', (1 - 1 / $scaleX) / 2, 'idy', (1 - 1 / $scaleY) / 2, 'extend', 1, null));
}
$image = $step($vips->vips_icc_transform($image, FFI::addr($out1), $profile, 'embedded', 1, 'intent', 1, 'black_point_compensation', 1, null));
$step($vips->vips_jpegsave($image, $out, 'Q', (int) $quality, 'subsample_mode', 2, null));
