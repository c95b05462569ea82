<?php

declare(strict_types=1);

namespace Planisher\Imaging\Write;

use Planisher\Imaging\Child\Limits;
use Planisher\Imaging\Child\Program;
use Planisher\Imaging\Child\Stopped;
use Planisher\Imaging\Files\CannotWrite;
use Planisher\Line\KeptData;

/** Takes a picture's own data along into a made file, by exiftool; what says how the pixels are stays the file's own. */
final class PictureData
{
    /** Exif 2.3 */
    private const CAMERA = [
        'Make',
        'Model',
        'LensMake',
        'LensModel',
        'DateTimeOriginal',
        'OffsetTimeOriginal',
        'ExposureTime',
        'FNumber',
        'ISO',
        'ExposureProgram',
        'ExposureCompensation',
        'MeteringMode',
        'Flash',
        'FocalLength',
        'FocalLengthIn35mmFormat',
    ];

    /** What is true of the picture's pixels and not of the file's, and small pictures of what may be cropped away. */
    private const NOT_ITS = [
        'Orientation',
        'XResolution',
        'YResolution',
        'ResolutionUnit',
        'YCbCrPositioning',
        'ColorSpace',
        'ExifImageWidth',
        'ExifImageHeight',
        'ExifVersion',
        'InteropIndex',
        'ICC_Profile:all',
        'JFIF:all',
        'MPF:all',
        'IFD1:all',
        'ThumbnailImage',
        'PreviewImage',
        'XMP-xmp:Thumbnails',
        'PhotoshopThumbnail',
        'XMP-tiff:all',
        'XMP-exif:ExifImageWidth',
        'XMP-exif:ExifImageHeight',
    ];

    /** exiftool writes it into every Exif, and a TIFF may not have it (Exif 2.3, table 5). */
    private const NOT_OF_A_TIFF = ['-ExifIFD:ComponentsConfiguration='];

    /** @throws CannotWrite */
    public static function take(string $picture, string $file, KeptData $keep): void
    {
        $tags = match ($keep) {
            KeptData::Credits => [],
            KeptData::Camera => array_map(fn (string $tag): string => "-EXIF:{$tag}", self::CAMERA),
            KeptData::Everything => ['-all:all', ...array_map(fn (string $tag): string => "--{$tag}", self::NOT_ITS)],
        };
        if ($tags === []) {
            return;
        }
        $isTiff =
            str_starts_with((string) file_get_contents($file, length: 4), 'II') ||
            str_starts_with((string) file_get_contents($file, length: 4), 'MM');
        // The part's name has no ending that exiftool knows: it goes by what the file is.
        try {
            $program = Program::start(
                [
                    'exiftool',
                    '-q',
                    '-q',
                    '-m',
                    '-overwrite_original',
                    '-tagsFromFile',
                    $picture,
                    ...$tags,
                    ...$isTiff ? self::NOT_OF_A_TIFF : [],
                    $file,
                ],
                Limits::working(),
            );
            [$code] = $program->end();
        } catch (Stopped $e) {
            throw CannotWrite::ownDataNotTaken($e);
        }
        if ($code !== 0) {
            throw CannotWrite::ownDataWrongly(new \RuntimeException($program->complained()));
        }
    }
}
