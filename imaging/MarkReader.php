<?php

declare(strict_types=1);

namespace Planisher\Imaging;

use Planisher\Imaging\Intake\PngHeader;
use Planisher\Imaging\Sources\Original;
use Planisher\Imaging\Vips\VipsError;
use Planisher\Measure\Figure;
use Planisher\Picture\PictureFacts;
use Planisher\Picture\PictureFormat;
use Planisher\Picture\PictureRefused;

/** Reads a studio's mark, an ornament or a frame: a PNG of one picture. All of it is unpacked once, to see whether it can be. */
final class MarkReader
{
    public const MOST_PIXELS = 50_000_000;

    /** @throws PictureRefused */
    public static function read(string $path, string $name): PictureFacts
    {
        $facts = PictureReader::read($path, $name);
        if ($facts->format !== PictureFormat::Png) {
            throw new PictureRefused("it is a {$facts->format->value}. A mark is a PNG, since others say nothing of transparency.");
        }
        if ($facts->width * $facts->height > self::MOST_PIXELS) {
            throw new PictureRefused(
                'it has '.
                    Figure::pixels($facts->width, $facts->height).
                    ' ('.
                    Figure::count(intdiv($facts->width * $facts->height, 1_000_000)).
                    ' megapixels); at most '.
                    intdiv(self::MOST_PIXELS, 1_000_000).
                    ' are taken. Save it smaller.',
            );
        }
        if (PngHeader::read($path)->isAnimated) {
            throw new PictureRefused('it is an animated PNG, and paper doesn’t move. Save one picture of it.');
        }
        try {
            return $facts->with(isSeeThrough: Original::isSeeThrough($path, $facts));
        } catch (VipsError $e) {
            throw new PictureRefused('it is cut off part-way, or damaged. Export it again.', 0, $e);
        }
    }
}
