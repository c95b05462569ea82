<?php

declare(strict_types=1);

namespace Planisher\Imaging\Sources;

use Planisher\Colour\Channels;
use Planisher\Colour\Intent;
use Planisher\Colour\Rgb;
use Planisher\Colour\Space;
use Planisher\Imaging\Colour\Conversion;
use Planisher\Imaging\Colour\Profiles;
use Planisher\Imaging\Files\Beside;
use Planisher\Imaging\Vips\BandFormat;
use Planisher\Imaging\Vips\Image;
use Planisher\Imaging\Vips\Interpretation;
use Planisher\Imaging\Vips\VipsError;
use Planisher\Lab\FileFormat;
use Planisher\Picture\PictureFacts;
use Planisher\Picture\PictureFormat;
use Planisher\Picture\PictureRefused;
use Planisher\Plan\Encoding;

/**
 * A screen-sized, upright JPEG of a picture. It keeps the picture's own profile; grey and CMYK become sRGB, what is wider or
 * can't be carried by a JPEG becomes Adobe RGB (1998).
 */
final class Proxy
{
    private const QUALITY = 90;

    private const CUT_OFF = 'it is cut off or damaged: it can’t be read to its end. Export it again from the original.';

    /** Why one couldn't be written, where that is no fault of the picture's. */
    public const DISK = 'the studio’s disk is full or can’t be written to. Make room and add it again.';

    private const MEMORY =
        'it takes more memory to read than may be spent on one picture. Save it as a JPEG or as a '.'plain TIFF, and add that.';

    /** @throws PictureRefused when the picture can't be decoded to its end, or the proxy can't be written */
    public static function write(string $picture, PictureFacts $facts, int $side, string $path): void
    {
        $part = $path.'.'.getmypid().'.part';
        try {
            $image = self::isPlain($facts)
                ? Image::thumbnail($picture, $side)
                : self::reduced(Original::open($picture, $facts, Rgb::white()), $side);
            $space = self::space($facts);
            if ($space !== null) {
                $image = (new Conversion(new Encoding($space, Intent::Relative, FileFormat::Jpeg, self::QUALITY, 8), new Profiles()))->into(
                    $image,
                    $facts,
                );
            } elseif ($image->format() === BandFormat::Bits16) {
                $image = $image->run('colourspace', [Interpretation::Srgb]);
            }
            if ($facts->orientation > 1) {
                $image = Orientation::upright($image->held(PHP_INT_MAX), $facts->orientation);
            }
            $image->withoutMetadata()->save('jpegsave', $part, ['Q' => self::QUALITY]);
        } catch (VipsError $e) {
            @unlink($part);
            throw self::refusal($e);
        }
        rename($part, $path);
    }

    /** What is said of a picture that couldn't be unpacked, or of its proxy that couldn't be written. */
    public static function refusal(VipsError $e): PictureRefused
    {
        return PictureRefused::because(
            match (1) {
                preg_match('/No space|unable to open/i', $e->getMessage()) => self::DISK,
                preg_match('/out of memory|insufficient memory|cannot allocate|unable to allocate/i', $e->getMessage()) => self::MEMORY,
                default => self::CUT_OFF,
            },
            $e,
        );
    }

    /** A smaller proxy from a larger one. */
    public static function smaller(string $proxy, int $side, string $path): void
    {
        Beside::write(
            $path,
            fn (string $part) => Image::thumbnail($proxy, $side)
                ->withoutMetadata()
                ->save('jpegsave', $part, ['Q' => self::QUALITY]),
        );
    }

    /** The facts of the proxy itself, to plan and render from it. */
    public static function facts(string $path, PictureFacts $of): PictureFacts
    {
        $image = Image::open($path);
        $space = self::space($of);

        return new PictureFacts(
            $of->name,
            $of->sha256,
            (int) filesize($path),
            PictureFormat::Jpeg,
            $image->width(),
            $image->height(),
            1,
            Channels::Rgb,
            8,
            false,
            $space === null ? $of->profile : $space->profileDescription(),
            null,
        );
    }

    /** What it is converted into; null where it stays in the picture's own colours. */
    private static function space(PictureFacts $facts): ?Space
    {
        return match (true) {
            $facts->tagged !== null,
            $facts->channels === Channels::Lab,
            $facts->isPerceptualOnly && $facts->profileFlaw === null => Space::AdobeRgb,
            $facts->channels !== Channels::Rgb, $facts->profileFlaw !== null => Space::Srgb,
            default => null,
        };
    }

    /** What can be shrunk while it is decoded: it needs nothing done before. */
    private static function isPlain(PictureFacts $facts): bool
    {
        return ! $facts->alpha &&
            $facts->extra === 0 &&
            $facts->page === 0 &&
            ! $facts->isSigned &&
            ! $facts->isUnusual &&
            self::space($facts) !== Space::AdobeRgb;
    }

    private static function reduced(Image $image, int $side): Image
    {
        $scale = min(1.0, $side / max($image->width(), $image->height()));

        return $scale < 1 ? $image->run('resize', [$scale]) : $image;
    }
}
