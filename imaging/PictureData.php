<?php

declare(strict_types=1);

namespace Planisher\Imaging;

use Planisher\Line\KeptData;

/** Takes a picture's own data along into a made file, by exiftool; what says how the pixels are stays the file's own. */
final class PictureData
{
    /** Exif 2.3 */
    private const CAMERA = [
        'Make', 'Model', 'LensMake', 'LensModel', 'DateTimeOriginal', 'OffsetTimeOriginal', 'ExposureTime', 'FNumber',
        'ISO', 'ExposureProgram', 'ExposureCompensation', 'MeteringMode', 'Flash', 'FocalLength', 'FocalLengthIn35mmFormat',
    ];

    /** What is true of the picture's pixels and not of the file's, and small pictures of what may be cropped away. */
    private const NOT_ITS = [
        'Orientation', 'XResolution', 'YResolution', 'ResolutionUnit', 'YCbCrPositioning', 'ColorSpace', 'ExifImageWidth', 'ExifImageHeight',
        'ExifVersion', 'InteropIndex', 'ICC_Profile:all', 'JFIF:all', 'MPF:all', 'IFD1:all', 'ThumbnailImage', 'PreviewImage',
        'XMP-xmp:Thumbnails', 'PhotoshopThumbnail', 'XMP-tiff:all', 'XMP-exif:ExifImageWidth', 'XMP-exif:ExifImageHeight',
    ];

    /** What a shell and execvp call a program that isn't there. */
    private const NOT_FOUND = 127;

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
        // The part's name has no ending that exiftool knows: it goes by what the file is.
        $process = @proc_open(['exiftool', '-q', '-q', '-m', '-overwrite_original', '-tagsFromFile', $picture, ...$tags, $file], [1 => ['pipe', 'w'], 2 => ['pipe', 'w']], $pipes);
        $said = $process === false ? '' : trim(stream_get_contents($pipes[1]).stream_get_contents($pipes[2]));
        $code = $process === false ? self::NOT_FOUND : proc_close($process);
        if ($code === self::NOT_FOUND) {
            throw new CannotWrite('The picture’s own data can’t be taken along: exiftool isn’t installed. Install it, or keep caption and copyright only.');
        }
        if ($code !== 0) {
            throw new CannotWrite('The picture’s own data can’t be taken along: '.rtrim(strtok($said, "\n") ?: 'exiftool failed', '.').'. Keep caption and copyright only.');
        }
    }
}
