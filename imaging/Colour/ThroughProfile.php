<?php

declare(strict_types=1);

namespace Planisher\Imaging\Colour;

use Planisher\Colour\CieLab;
use Planisher\Colour\ProfileHeader;
use Planisher\Imaging\Vips\IccIntent;
use Planisher\Imaging\Vips\Image;

/** An image's pixels as the Lab of its profile's connection space (ICC.1, D50). */
final class ThroughProfile
{
    /** libvips 8.14 reads a profile's 16-bit Lab with the scale of its version 2 off by this, and a and b by half a unit. */
    private const SCALE = 65_535 / 65_280;

    private const OFF = 0.5;

    /** ICC.1, PCS illuminant */
    public const D50 = [0.9642, 1.0, 0.8249];

    /** @var array<string, IccIntent> by profile and what was wanted */
    private static array $served = [];

    /**
     * @param  ?string  $profile  null for the one it carries
     * @return list<CieLab> one a pixel
     */
    public static function lab(Image $image, ?string $profile, IccIntent $intent = IccIntent::Relative): array
    {
        $lab = self::imported($image, $profile, $intent);
        $numbers = array_values((array) unpack('g*', $lab->pixels()));

        return array_map(
            fn (array $of): CieLab => new CieLab(
                $of[0] / self::SCALE,
                ($of[1] - self::OFF) / self::SCALE,
                ($of[2] - self::OFF) / self::SCALE,
            ),
            array_chunk($numbers, 3),
        );
    }

    /** As libvips has it, to be compared only. */
    public static function imported(Image $image, ?string $profile, IccIntent $intent = IccIntent::Relative): Image
    {
        $by =
            $profile === null
                ? ['embedded' => true, 'intent' => self::servedBy((string) $image->metadata()->profile(), $intent)]
                : ['input_profile' => $profile, 'intent' => self::served($profile, $intent)];

        return $image->run('icc_import', [], $by + ['black_point_compensation' => $intent === IccIntent::Relative]);
    }

    /**
     * The intent to read a profile by: the one that is wanted, or the perceptual one where that is all it has. libvips would
     * take another profile instead.
     */
    public static function served(string $path, IccIntent $wanted): IccIntent
    {
        return self::$served["{$path} {$wanted->name}"] ??= self::servedBy((string) file_get_contents($path), $wanted);
    }

    private static function servedBy(string $bytes, IccIntent $wanted): IccIntent
    {
        return ProfileHeader::serves($bytes, $wanted->value) || ! ProfileHeader::serves($bytes, IccIntent::Perceptual->value)
            ? $wanted
            : IccIntent::Perceptual;
    }

    /**
     * CIE 15:2004, 8.2.1, under D50.
     *
     * @return non-empty-list<float> X, Y, Z, of Y 1
     */
    public static function xyz(CieLab $lab): array
    {
        $fy = ($lab->lightness + 16) / 116;
        $linear = fn (float $f): float => $f > 6 / 29 ? $f ** 3 : 3 * (6 / 29) ** 2 * ($f - 4 / 29);

        return array_map(
            fn (float $f, float $white): float => $linear($f) * $white,
            [$fy + $lab->a / 500, $fy, $fy - $lab->b / 200],
            self::D50,
        );
    }

    /**
     * What has to stand in a profile for libvips to read these.
     *
     * @return array{float, float, float} L*, a*, b*
     */
    public static function readAs(float $lightness, float $a, float $b): array
    {
        return [$lightness / self::SCALE, ($a - self::OFF) / self::SCALE, ($b - self::OFF) / self::SCALE];
    }
}
