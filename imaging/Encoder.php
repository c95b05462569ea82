<?php

declare(strict_types=1);

namespace Planisher\Imaging;

use Planisher\Imaging\Vips\Image;
use Planisher\Lab\FileFormat;
use Planisher\Measure\Unit;
use Planisher\Plan\PlannedFile;

/** Writes a composed image as the plan's kind of file, with its resolution, its profile and the picture’s caption and copyright. */
final class Encoder
{
    /** VipsForeignSubsample: colour is kept at full resolution. */
    private const NO_SUBSAMPLING = 2;

    /** VipsForeignTiffCompression and -Predictor: LZW with horizontal differencing, the lossless kind every reader has (TIFF 6.0, 13 and 14). */
    private const LZW = 5;

    private const HORIZONTAL = 2;

    /** @throws CannotWrite|\Planisher\Imaging\Vips\VipsError */
    public static function write(Image $image, PlannedFile $file, Credits $credits, string $path): void
    {
        match ($file->encoding->format) {
            FileFormat::Jpeg => self::jpeg($image, $file, $credits, $path),
            FileFormat::Tiff => self::tiff($image, $file, $credits, $path),
        };
    }

    private static function jpeg(Image $image, PlannedFile $file, Credits $credits, string $path): void
    {
        $bare = "{$path}.bare";
        $kept = array_filter([JpegTags::CAPTION => $credits->caption, JpegTags::COPYRIGHT => $credits->copyright], is_string(...));
        try {
            $image->save('jpegsave', $bare, [
                'Q' => $file->encoding->quality,
                'subsample_mode' => self::NO_SUBSAMPLING,
                'strip' => true, // optimize_coding would hold the whole picture in memory
            ]);
            JpegTags::wrap($bare, $path, $file->width, $file->height, $file->resolution, $file->encoding, $kept);
        } finally {
            @unlink($bare);
        }
    }

    private static function tiff(Image $image, PlannedFile $file, Credits $credits, string $path): void
    {
        $perCentimetre = $file->resolution->unit === Unit::Centimetre;
        $xmp = XmpPacket::of($credits);
        $bare = $image->withoutMetadata();
        ($xmp === null ? $bare : $bare->withBlob('xmp-data', $xmp))->save('tiffsave', $path, [
            'compression' => self::LZW,
            'predictor' => self::HORIZONTAL,
            'xres' => $file->resolution->perMillimetre(),
            'yres' => $file->resolution->perMillimetre(),
            'resunit' => $perCentimetre ? 0 : 1,
        ]);
    }
}
