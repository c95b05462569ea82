<?php

declare(strict_types=1);

namespace Planisher\Imaging\Vips;

/**
 * Tells how far the image that is being written has come. PHP keeps every function it has handed to C, and all that is
 * bound to it, until the process ends; so one is handed over, once, and it holds no image.
 */
final class Progress
{
    /** A C struct that holds the function's address */
    private static ?\FFI\CData $handed = null;

    private static ?\Closure $told = null;

    private static int $last = -1;

    /** @param  \Closure(int): void  $told  0 to 100, until another image's is told */
    public static function of(\FFI\CData $image, \Closure $told): void
    {
        $ffi = Library::get();
        if (self::$handed === null) {
            self::$handed = Library::room('struct { ProgressCallback tell; }');
            self::$handed->tell = static function (mixed $image, \FFI\CData $progress, mixed $data): void {
                if ($progress->percent !== self::$last && self::$told !== null) {
                    (self::$told)(self::$last = $progress->percent);
                }
            };
        }
        [self::$told, self::$last] = [$told, -1];
        $ffi->vips_image_set_progress($image, 1);
        $ffi->g_signal_connect_data($ffi->cast('void*', $image), 'eval', self::$handed->tell, null, null, 0);
    }
}
