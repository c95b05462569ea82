<?php

declare(strict_types=1);

namespace Planisher\Imaging;

use Planisher\Colour\Channels;
use Planisher\Colour\ProfileHeader;
use Planisher\Imaging\Vips\Image;
use Planisher\Imaging\Vips\VipsError;
use Planisher\Measure\Figure;
use Planisher\Picture\PictureFacts;
use Planisher\Picture\PictureFormat;

/** Reads a picture's facts from its header. Nothing is decoded; what is not on the list, or claims too much, is refused. */
final class PictureReader
{
    public const MOST_BYTES = 400_000_000;

    private const MOST_PIXELS = 400_000_000;

    private const LONGEST_SIDE = 65_000;

    /** libvips' interpretations (VipsInterpretation) that can be printed from, and the channels they hold. */
    private const INTERPRETATIONS = [1 => Channels::Grey, 15 => Channels::Cmyk, 22 => Channels::Rgb, 25 => Channels::Rgb, 26 => Channels::Grey];

    /** libvips' band formats (VipsBandFormat) that can be printed from, and their bits. */
    private const BITS = [Image::FORMAT_8_BIT => 8, Image::FORMAT_16_BIT => 16];

    /** @throws PictureRefused */
    public static function read(string $path, string $name): PictureFacts
    {
        $bytes = is_file($path) ? (int) filesize($path) : 0;
        $format = self::sniff($path) ?? throw new PictureRefused(self::notAPicture($path, $bytes));
        if ($bytes > self::MOST_BYTES) {
            throw new PictureRefused('it is '.Figure::bytes($bytes).'; the largest taken is '.Figure::bytes(self::MOST_BYTES).'.');
        }
        $checksum = Checksum::begin($path);
        try {
            $image = Image::open($path);
        } catch (VipsError $e) {
            throw new PictureRefused("its {$format->value} header can’t be read; it may be cut off or damaged. Export it again from the original.", 0, $e);
        }
        [$width, $height] = [$image->width(), $image->height()];
        if ($width * $height > self::MOST_PIXELS || max($width, $height) > self::LONGEST_SIDE) {
            throw new PictureRefused('it claims '.Figure::pixels($width, $height).' ('.Figure::count(intdiv($width * $height, 1_000_000)).' megapixels); at most '
                .intdiv(self::MOST_PIXELS, 1_000_000).' megapixels and '.Figure::count(self::LONGEST_SIDE).' px a side are taken.');
        }
        $channels = self::INTERPRETATIONS[$image->interpretation()] ?? throw new PictureRefused('its colours are of a kind that can’t be printed from. Save it as RGB.');
        $bits = self::BITS[$image->format()] ?? throw new PictureRefused('its samples are neither 8 nor 16 bits. Save it as a 16-bit TIFF.');
        $orientation = $image->int('orientation') ?? 1;
        $lies = $orientation >= 5 && $orientation <= 8;
        $icc = $image->blob('icc-profile-data');
        $profile = $icc === null ? null : ProfileHeader::read($icc, $channels);

        return new PictureFacts(
            name: $name,
            sha256: $checksum->hex(),
            bytes: $bytes,
            format: $format,
            width: $lies ? $height : $width,
            height: $lies ? $width : $height,
            orientation: $orientation >= 1 && $orientation <= 8 ? $orientation : 1,
            channels: $channels,
            bits: $bits,
            alpha: $image->hasAlpha(),
            profile: $profile === null ? null : ($profile->description ?? 'a profile without a name'),
            profileFlaw: $profile === null ? null : ($profile->flaw ?? ProfileTrial::flawOfPictures((string) $icc, $channels)),
        );
    }

    /** The format by its first bytes (JPEG ISO 10918-1, TIFF 6.0, PNG ISO 15948, WebP RFC 9649, HEIF ISO 23008-12), or null. */
    private static function sniff(string $path): ?PictureFormat
    {
        $head = is_file($path) ? (string) file_get_contents($path, length: 32) : '';

        return match (true) {
            str_starts_with($head, "\xFF\xD8\xFF") => PictureFormat::Jpeg,
            str_starts_with($head, "\x89PNG\r\n\x1A\n") => PictureFormat::Png,
            in_array(substr($head, 0, 4), ["II*\0", "MM\0*", "II+\0", "MM\0+"], true) => PictureFormat::Tiff,
            str_starts_with($head, 'RIFF') && substr($head, 8, 4) === 'WEBP' => PictureFormat::Webp,
            in_array(substr($head, 4, 8), ['ftypheic', 'ftypheix', 'ftypmif1', 'ftypmsf1'], true) => PictureFormat::Heif,
            default => null,
        };
    }

    private static function notAPicture(string $path, int $bytes): string
    {
        if ($bytes === 0) {
            return 'it is empty.';
        }
        $head = (string) file_get_contents($path, length: 400);
        $kind = match (true) {
            stripos($head, '<svg') !== false => 'an SVG drawing',
            str_starts_with($head, '%PDF') => 'a PDF document',
            str_starts_with($head, 'GIF8') => 'a GIF',
            str_starts_with($head, '8BPS') => 'a layered editor file',
            default => null,
        };

        return ($kind === null ? 'it is not a picture. ' : "it is {$kind}. ").PictureFormat::LIST.' are taken.';
    }
}
