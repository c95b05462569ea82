<?php

declare(strict_types=1);

namespace Planisher\Picture;

/** The kinds of file taken as a picture; everything else is refused before it is decoded. */
enum PictureFormat: string
{
    case Jpeg = 'JPEG';
    case Tiff = 'TIFF';
    case Png = 'PNG';
    case Webp = 'WebP';
    case Heif = 'HEIF';

    public const LIST = 'JPEG, TIFF, PNG, WebP or HEIF';

    public function extension(): string
    {
        return match ($this) {
            self::Jpeg => 'jpg',
            self::Tiff => 'tif',
            self::Png => 'png',
            self::Webp => 'webp',
            self::Heif => 'heic',
        };
    }
}
