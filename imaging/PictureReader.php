<?php

declare(strict_types=1);

namespace Planisher\Imaging;

use Planisher\Colour\Channels;
use Planisher\Colour\ProfileHeader;
use Planisher\Colour\TaggedColour;
use Planisher\Imaging\Colour\ProfileTrial;
use Planisher\Imaging\Files\Checksum;
use Planisher\Imaging\Intake\FileKind;
use Planisher\Imaging\Intake\JpegHeader;
use Planisher\Imaging\Intake\OwnData;
use Planisher\Imaging\Intake\PackedHeader;
use Planisher\Imaging\Intake\PngHeader;
use Planisher\Imaging\Intake\TiffHeader;
use Planisher\Imaging\Vips\BandFormat;
use Planisher\Imaging\Vips\Image;
use Planisher\Imaging\Vips\Interpretation;
use Planisher\Imaging\Vips\VipsError;
use Planisher\Picture\PictureFacts;
use Planisher\Picture\PictureFormat;
use Planisher\Picture\PictureRefused;
use Planisher\Picture\UnfitFile;

/** Reads a picture's facts from its header. Nothing is unpacked; what is not on the list, or would cost too much, is refused. */
final class PictureReader
{
    public const MOST_BYTES = 400_000_000;

    private const MOST_PIXELS = 400_000_000;

    private const LONGEST_SIDE = 65_000;

    /** Bytes of pixels that may be held at once while it is unpacked. */
    private const MOST_HELD = 400_000_000;

    /** Samples that may be unpacked, each pass over the picture counted. */
    private const MOST_WORK = 4_000_000_000;

    private const MOST_METADATA = 50_000_000;

    /**
     * @param  ?string  $sha256  of its bytes, where that is known
     *
     * @throws PictureRefused
     */
    public static function read(string $path, string $name, ?string $sha256 = null): PictureFacts
    {
        $bytes = is_file($path) ? (int) filesize($path) : 0;
        $format = FileKind::of($path, $name);
        if ($bytes > self::MOST_BYTES) {
            throw UnfitFile::tooLarge($bytes, self::MOST_BYTES);
        }
        $checksum = $sha256 === null ? Checksum::begin($path) : null;
        $header = self::header($path, $name, $format);
        try {
            $image = $header->isUnusual ? Image::openUnusual($path, $header->page) : Image::open($path, page: $header->page);
        } catch (VipsError $e) {
            throw UnfitFile::unreadableHeader($format->value, $e);
        }
        [$width, $height] = [$image->width(), $image->height()];
        self::mayCost($header, $format, $width, $height, $image);
        $channels = self::channels($image->interpretation()) ?? throw UnfitFile::unprintableColours();
        $bits = $channels === Channels::Lab ? 16 : self::bits($image->format()) ?? throw UnfitFile::oddSamples();
        $data = OwnData::of($path, $image, $format, $header->page);
        $orientation = $header->orientation ?? $data->orientation;
        $lies = $orientation >= 5 && $orientation <= 8;
        $icc = $channels === Channels::Lab ? null : $image->metadata()->profile();
        $profile = $icc === null ? null : ProfileHeader::read($icc, $channels);
        $spare = $channels === Channels::Lab ? 0 : max(0, $image->bands() - $channels->count());
        $alpha = $format === PictureFormat::Tiff ? $header->alpha === 0 : $image->hasAlpha();

        return new PictureFacts(
            name: $name,
            sha256: $sha256 ?? (string) $checksum?->hex(),
            bytes: $bytes,
            format: $format,
            width: $lies ? $height : $width,
            height: $lies ? $width : $height,
            orientation: $orientation >= 1 && $orientation <= 8 ? $orientation : 1,
            channels: $channels,
            bits: $bits,
            alpha: $alpha && $spare > 0,
            profile: $profile === null ? null : $profile->description ?? 'a profile without a name',
            profileFlaw: $profile === null ? null : $profile->flaw ?? ProfileTrial::flawOfPictures((string) $icc, $channels),
            isPerceptualOnly: $profile->isPerceptualOnly ?? false,
            tagged: $icc === null && in_array($channels, [Channels::Rgb, Channels::Grey], true)
                ? self::tagged($header, $data, $channels)
                : null,
            page: $header->page,
            pages: $header->pages,
            extra: $spare - ($alpha && $spare > 0 ? 1 : 0),
            isSigned: $header->isSigned,
            isUnusual: $header->isUnusual,
            exposure: $data->exposure,
        );
    }

    /** The channels of an interpretation that can be printed from; null for all others. */
    private static function channels(Interpretation $of): ?Channels
    {
        return match ($of) {
            Interpretation::Grey, Interpretation::Grey16 => Channels::Grey,
            Interpretation::Srgb, Interpretation::Rgb16 => Channels::Rgb,
            Interpretation::Cmyk => Channels::Cmyk,
            Interpretation::Lab, Interpretation::LabQ, Interpretation::LabS => Channels::Lab,
            default => null,
        };
    }

    /** Bits of a sample that can be printed from; null for all others. */
    private static function bits(BandFormat $of): ?int
    {
        return match ($of) {
            BandFormat::Bits8 => 8,
            BandFormat::Bits16, BandFormat::SignedBits16 => 16,
            default => null,
        };
    }

    private static function header(string $path, string $name, PictureFormat $format): PackedHeader
    {
        $header = match ($format) {
            PictureFormat::Jpeg => JpegHeader::read($path),
            PictureFormat::Png => PngHeader::read($path),
            PictureFormat::Tiff => TiffHeader::read($path, $name),
            PictureFormat::Webp, PictureFormat::Heif => new PackedHeader(),
        };
        if ($header->refused !== null) {
            throw PictureRefused::because($header->refused);
        }

        return $header;
    }

    /**
     * Whether unpacking it costs no more than can be spent, as far as its header tells.
     *
     * @throws PictureRefused
     */
    private static function mayCost(PackedHeader $header, PictureFormat $format, int $width, int $height, Image $image): void
    {
        if ($width * $height > self::MOST_PIXELS || max($width, $height) > self::LONGEST_SIDE) {
            throw UnfitFile::tooManyPixels($width, $height, self::MOST_PIXELS, self::LONGEST_SIDE);
        }
        if ($header->isCutOff) {
            throw UnfitFile::tooShort();
        }
        // WebP and HEIF are always unpacked whole, and so is what only the general reader takes, at 8 bytes a pixel.
        $held = match (true) {
            $header->isUnusual => 8 * $width * $height,
            $format === PictureFormat::Webp, $format === PictureFormat::Heif => $width * $height * max(3, $image->bands()),
            default => $header->held,
        };
        if ($held > self::MOST_HELD) {
            throw UnfitFile::unpackedTooLarge($held, self::MOST_HELD);
        }
        if ($header->work > self::MOST_WORK) {
            throw UnfitFile::tooManyPasses();
        }
        if ($header->metadata > self::MOST_METADATA) {
            throw UnfitFile::withTooMuchData($header->metadata, self::MOST_METADATA);
        }
    }

    private static function tagged(PackedHeader $header, OwnData $data, Channels $channels): ?TaggedColour
    {
        return $header->tagged ?? ($data->isDcfOption && $channels === Channels::Rgb ? TaggedColour::dcfOption() : null);
    }
}
