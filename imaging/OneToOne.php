<?php

declare(strict_types=1);

namespace Planisher\Imaging;

use Planisher\Colour\Space;
use Planisher\Plan\PlannedFile;

/** A part of a file as it will be, one pixel of it on one of the screen: to judge sharpening and enlargement by. */
final class OneToOne
{
    private const QUALITY = 92;

    /**
     * @param  float  $x  of the part's middle, in fractions of the file; so with y
     * @param  int  $width  of the part in pixels, at most the file's; so with height
     */
    public static function write(PlannedFile $file, string $picture, float $x, float $y, int $width, int $height, string $path): void
    {
        [$width, $height] = [min($width, $file->width), min($height, $file->height)];
        $left = max(0, min($file->width - $width, (int) round($x * $file->width - $width / 2)));
        $top = max(0, min($file->height - $height, (int) round($y * $file->height - $height / 2)));
        Beside::write(
            $path,
            fn (string $part) => Renderer::compose($file, $picture)
                ->run('crop', [$left, $top, $width, $height])
                ->run(
                    'icc_transform',
                    [Profiles::path(Space::Srgb)],
                    [
                        'input_profile' => Profiles::path(Profiles::target($file->encoding)),
                        'intent' => ThroughProfile::served(Profiles::path(Profiles::target($file->encoding)), ThroughProfile::RELATIVE),
                        'black_point_compensation' => true,
                        'depth' => 8,
                    ],
                )
                ->withoutMetadata()
                ->save('jpegsave', $part, ['Q' => self::QUALITY, 'subsample_mode' => 2]),
        );
    }
}
