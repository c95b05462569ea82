<?php

declare(strict_types=1);

namespace Planisher\Imaging\Sources;

use Planisher\Imaging\Vips\Extend;
use Planisher\Imaging\Vips\Image;
use Planisher\Imaging\Vips\Kernel;

/**
 * An image at another size. Reducing by libvips' centred resize; enlarging by its bicubic affine, placed so that the picture's
 * edges stay where they are (its resize shifts by half a pixel when it enlarges).
 */
final class Scaled
{
    /** @param  Kernel  $kernel  that it is reduced with */
    public static function to(Image $image, int $width, int $height, Kernel $kernel): Image
    {
        $x = $width / $image->width();
        $y = $height / $image->height();
        if ($width === $image->width() && $height === $image->height()) {
            return $image;
        }
        if ($x <= 1 && $y <= 1) {
            return $image->run('resize', [$x], ['vscale' => $y, 'kernel' => $kernel]);
        }

        return $image->run(
            'affine',
            [$x, 0.0, 0.0, $y],
            [
                'interpolate' => 'bicubic',
                'oarea' => [0, 0, $width, $height],
                'idx' => (1 - 1 / $x) / 2,
                'idy' => (1 - 1 / $y) / 2,
                'extend' => Extend::Copy,
            ],
        );
    }
}
