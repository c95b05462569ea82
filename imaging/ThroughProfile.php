<?php

declare(strict_types=1);

namespace Planisher\Imaging;

use Planisher\Colour\Lab;
use Planisher\Imaging\Vips\Image;

/** An image's pixels as the Lab of its profile's connection space (ICC.1, D50). */
final class ThroughProfile
{
    /** libvips 8.14 reads a profile's 16-bit Lab with the scale of its version 2 off by this, and a and b by half a unit. */
    private const SCALE = 65_535 / 65_280;

    private const OFF = 0.5;

    /** VipsIntent */
    public const RELATIVE = 1;

    public const ABSOLUTE = 3;

    /**
     * @param  ?string  $profile  null for the one it carries
     * @return list<Lab> one a pixel
     */
    public static function lab(Image $image, ?string $profile, int $intent = self::RELATIVE): array
    {
        $lab = $image->run('icc_import', [], ($profile === null ? ['embedded' => true] : ['input_profile' => $profile]) + ['intent' => $intent, 'black_point_compensation' => $intent === self::RELATIVE]);
        $numbers = array_values((array) unpack('g*', $lab->pixels()));

        return array_map(
            fn (array $of): Lab => new Lab($of[0] / self::SCALE, ($of[1] - self::OFF) / self::SCALE, ($of[2] - self::OFF) / self::SCALE),
            array_chunk($numbers, 3),
        );
    }

    /** What has to stand in a profile for libvips to read these. @return array{float, float, float} L*, a*, b* */
    public static function readAs(float $lightness, float $a, float $b): array
    {
        return [$lightness / self::SCALE, ($a - self::OFF) / self::SCALE, ($b - self::OFF) / self::SCALE];
    }
}
