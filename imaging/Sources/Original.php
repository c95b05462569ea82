<?php

declare(strict_types=1);

namespace Planisher\Imaging\Sources;

use Planisher\Colour\Channels;
use Planisher\Colour\MatrixProfile;
use Planisher\Colour\Rgb;
use Planisher\Imaging\Colour\Lightness;
use Planisher\Imaging\Colour\ShippedProfiles;
use Planisher\Imaging\Vips\BandFormat;
use Planisher\Imaging\Vips\IccIntent;
use Planisher\Imaging\Vips\Image;
use Planisher\Imaging\Vips\Interpretation;
use Planisher\Imaging\Vips\Kernel;
use Planisher\Picture\PictureFacts;

/**
 * A picture opened as its facts say, and brought into one of few shapes: 8 or 16 bits, grey, RGB or CMYK, nothing
 * transparent, and with the profile that its colours are to be read by, if it says which.
 */
final class Original
{
    /** Codes of 8 bits in 16 */
    private const TO_16_BITS = 257.0;

    private const HELD_IN_MEMORY = 120_000_000;

    /** CMYK on white paper is no ink. */
    private const NO_INK = [0.0, 0.0, 0.0, 0.0];

    /**
     * @param  Rgb  $paper  what shows through where it is transparent
     * @param  int  $shrink  1, 2, 4 or 8: a JPEG is unpacked at that fraction
     *
     * @throws \Planisher\Imaging\Vips\VipsError
     */
    public static function open(string $path, PictureFacts $picture, Rgb $paper, int $shrink = 1): Image
    {
        return self::inColours(self::flattened(self::stored($path, $picture, $shrink), $picture, $paper), $picture);
    }

    /**
     * Whether any of it is transparent; reads all of it.
     *
     * @throws \Planisher\Imaging\Vips\VipsError
     */
    public static function isSeeThrough(string $path, PictureFacts $picture): bool
    {
        if (! $picture->alpha) {
            return false;
        }
        $alpha = self::stored($path, $picture)->run('extract_band', [$picture->channels->count()]);

        return $alpha->mean() < ($alpha->format() === BandFormat::Bits16 ? 65_535 : 255) - 0.001;
    }

    /**
     * Its colours and its transparency apart, at another size, in 8 bits.
     *
     * @param  Kernel  $kernel  that it is reduced with
     * @return array{Image, Image} the colours with their profile, and how much of them is seen
     *
     * @throws \Planisher\Imaging\Vips\VipsError
     */
    public static function apart(string $path, PictureFacts $picture, int $width, int $height, Kernel $kernel): array
    {
        $image = self::stored($path, $picture);
        if ($image->format() === BandFormat::Bits16) {
            $image = $image->run('cast', [BandFormat::Bits8], ['shift' => true]);
        }
        $colours = $picture->channels->count();
        if (! $picture->alpha) {
            return [self::inColours(Scaled::to($image, $width, $height, $kernel), $picture), Image::plain($width, $height, [255.0])];
        }
        // Scaled as far as it is seen, or what lies unseen beside its edges would show in them.
        $scaled = Scaled::to($image->run('premultiply'), $width, $height, $kernel)
            ->run('unpremultiply')
            ->run('linear1', [1.0, 0.5], ['uchar' => true])
            ->held(self::HELD_IN_MEMORY); // both are taken of it
        $seen = $scaled->run('extract_band', [0], ['n' => $colours]);

        return [
            self::inColours($seen->as($picture->channels === Channels::Grey ? Interpretation::Grey : Interpretation::Srgb), $picture),
            $scaled->run('extract_band', [$colours]),
        ];
    }

    /** Its colours, and its transparency behind them; of unknown channels nothing. */
    private static function stored(string $path, PictureFacts $picture, int $shrink = 1): Image
    {
        $image = $picture->isUnusual
            ? Image::openUnusual($path, $picture->page)
            : Image::open($path, shrink: $shrink, page: $picture->page);
        if ($picture->isSigned && $image->format() === BandFormat::SignedBits16 && $picture->channels !== Channels::Lab) {
            $deep = match ($picture->channels) {
                Channels::Grey => ['interpretation' => Interpretation::Grey16],
                Channels::Rgb => ['interpretation' => Interpretation::Rgb16],
                default => [],
            };
            $image = $image->run('copy', options: ['format' => BandFormat::Bits16] + $deep); // the same bits, as other readers take them
        }
        $bands = $picture->channels->count() + ($picture->alpha ? 1 : 0);

        return $image->bands() > $bands ? $image->run('extract_band', [0], ['n' => $bands]) : $image;
    }

    private static function flattened(Image $image, PictureFacts $picture, Rgb $paper): Image
    {
        if (! $picture->alpha) {
            return $image;
        }
        $scale = $image->format() === BandFormat::Bits16 ? self::TO_16_BITS : 1.0;
        [$red, $green, $blue] = $paper->codes();
        $codes = match ($picture->channels) {
            Channels::Grey => [0.2126 * $red + 0.7152 * $green + 0.0722 * $blue], // ITU-R BT.709
            Channels::Cmyk => self::NO_INK,
            default => [$red, $green, $blue],
        };

        return $image->run('flatten', options: ['background' => array_map(fn (float $code): float => $code * $scale, $codes)]);
    }

    private static function inColours(Image $image, PictureFacts $picture): Image
    {
        if ($picture->channels === Channels::Lab) {
            return Lightness::fromLab($image->run('colourspace', [Interpretation::Lab]))->withProfile(
                (string) file_get_contents(ShippedProfiles::widest()),
            );
        }
        if ($picture->tagged !== null) {
            return $image->withProfile(MatrixProfile::of($picture->tagged, $picture->channels));
        }
        // What no other intent can read is read into the widest space first; from there all intents are open.
        if ($picture->isPerceptualOnly && $picture->profileFlaw === null) {
            return $image->run(
                'icc_transform',
                [ShippedProfiles::widest()],
                [
                    'embedded' => true,
                    'intent' => IccIntent::Perceptual,
                    'black_point_compensation' => true,
                    'depth' => 16,
                ],
            );
        }

        return $image;
    }
}
