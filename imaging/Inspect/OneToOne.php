<?php

declare(strict_types=1);

namespace Planisher\Imaging\Inspect;

use Planisher\Colour\Space;
use Planisher\Imaging\Colour\ShippedProfiles;
use Planisher\Imaging\Colour\ThroughProfile;
use Planisher\Imaging\Files\Beside;
use Planisher\Imaging\Paint\Renderer;
use Planisher\Imaging\Sources\Sources;
use Planisher\Imaging\Vips\IccIntent;
use Planisher\Imaging\Vips\Subsampling;
use Planisher\Plan\PlannedFile;

/** A part of a file as it will be, one pixel of it on one of the screen: to judge sharpening and enlargement by. */
final class OneToOne
{
    private const QUALITY = 92;

    /**
     * @param  float  $x  of the part's middle, in fractions of the file; so with y
     * @param  int  $width  of the part in pixels, at most the file's; so with height
     */
    public static function write(PlannedFile $file, Sources $originals, float $x, float $y, int $width, int $height, string $path): void
    {
        $profile = $originals->profiles->path($file->encoding->target());
        [$width, $height] = [min($width, $file->width), min($height, $file->height)];
        $left = max(0, min($file->width - $width, (int) round($x * $file->width - $width / 2)));
        $top = max(0, min($file->height - $height, (int) round($y * $file->height - $height / 2)));
        Beside::write(
            $path,
            fn (string $part) => Renderer::compose($file, $originals)
                ->run('crop', [$left, $top, $width, $height])
                ->run(
                    'icc_transform',
                    [ShippedProfiles::path(Space::Srgb)],
                    [
                        'input_profile' => $profile,
                        'intent' => ThroughProfile::served($profile, IccIntent::Relative),
                        'black_point_compensation' => true,
                        'depth' => 8,
                    ],
                )
                ->withoutMetadata()
                ->save('jpegsave', $part, ['Q' => self::QUALITY, 'subsample_mode' => Subsampling::Never]),
        );
    }
}
