<?php

declare(strict_types=1);

namespace Planisher\Imaging\Write;

use Planisher\Imaging\Files\CannotWrite;
use Planisher\Imaging\Sources\Credits;
use Planisher\Imaging\Vips\Image;
use Planisher\Imaging\Vips\Metadata;
use Planisher\Imaging\Vips\Subsampling;
use Planisher\Imaging\Vips\TiffCompression;
use Planisher\Imaging\Vips\TiffPredictor;
use Planisher\Imaging\Vips\TiffResolutionUnit;
use Planisher\Lab\FileFormat;
use Planisher\Measure\Unit;
use Planisher\Plan\PlannedFile;

/** Writes a composed image as the plan's kind of file, with its resolution, its profile and the picture’s caption and copyright. */
final class Encoder
{
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
        $kept = array_filter([JpegTags::CAPTION => $credits->caption, JpegTags::COPYRIGHT => $credits->copyright], is_string(...));
        $tags = JpegTags::of($file, (string) $image->metadata()->profile(), $kept);
        $image->saveFrom(strlen($tags) - strlen(JpegTags::START), 'jpegsave', $path, [
            'Q' => $file->encoding->quality,
            'subsample_mode' => Subsampling::Never,
            'strip' => true, // optimize_coding would hold the whole picture in memory
        ]);
        self::begin($path, $tags);
    }

    /** Writes our tags before a JPEG of none, over its first marker, which they begin with, too. */
    private static function begin(string $path, string $tags): void
    {
        $out = @fopen($path, 'r+b');
        if ($out === false) {
            throw CannotWrite::besideNotWritten();
        }
        fseek($out, strlen($tags) - strlen(JpegTags::START));
        $isJpeg = fread($out, strlen(JpegTags::START)) === JpegTags::START;
        rewind($out);
        $whole = $isJpeg && @fwrite($out, $tags) === strlen($tags) && @fflush($out);
        if (! (@fclose($out) && $whole)) {
            throw CannotWrite::diskFull();
        }
    }

    private static function tiff(Image $image, PlannedFile $file, Credits $credits, string $path): void
    {
        $perCentimetre = $file->resolution->unit === Unit::Centimetre;
        $xmp = XmpPacket::of($credits);
        $bare = $image->withoutMetadata();
        ($xmp === null ? $bare : $bare->run('copy')->metadata()->set(Metadata::XMP, $xmp))->save('tiffsave', $path, [
            'compression' => TiffCompression::Lzw,
            'predictor' => TiffPredictor::Horizontal,
            'xres' => $file->resolution->perMillimetre(),
            'yres' => $file->resolution->perMillimetre(),
            'resunit' => $perCentimetre ? TiffResolutionUnit::Centimetre : TiffResolutionUnit::Inch,
        ]);
    }
}
