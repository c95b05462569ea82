<?php

declare(strict_types=1);

namespace Planisher\Imaging;

use Planisher\Imaging\Intake\PngHeader;
use Planisher\Imaging\Sources\Original;
use Planisher\Imaging\Vips\VipsError;
use Planisher\Picture\PictureFacts;
use Planisher\Picture\PictureFormat;
use Planisher\Picture\PictureRefused;
use Planisher\Picture\UnfitFile;

/** Reads a studio's mark, an ornament or a frame: a PNG of one picture. All of it is unpacked once, to see whether it can be. */
final class MarkReader
{
    public const MOST_PIXELS = 50_000_000;

    /** @throws PictureRefused */
    public static function read(string $path, string $name): PictureFacts
    {
        $facts = PictureReader::read($path, $name);
        if ($facts->format !== PictureFormat::Png) {
            throw UnfitFile::markOfOtherKind($facts->format->value);
        }
        if ($facts->width * $facts->height > self::MOST_PIXELS) {
            throw UnfitFile::markTooLarge($facts->width, $facts->height, self::MOST_PIXELS);
        }
        if (PngHeader::read($path)->isAnimated) {
            throw UnfitFile::animatedMark();
        }
        try {
            return $facts->with(isSeeThrough: Original::isSeeThrough($path, $facts));
        } catch (VipsError $e) {
            throw UnfitFile::damagedMark($e);
        }
    }
}
