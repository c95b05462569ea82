<?php

declare(strict_types=1);

namespace Planisher\Imaging\Sources;

use Planisher\Imaging\Intake\OwnData;
use Planisher\Imaging\Vips\Image;
use Planisher\Picture\PictureFacts;
use Planisher\Picture\PictureFormat;

/**
 * A picture's caption and copyright, from whichever of its data says them first: Exif and TIFF tags ImageDescription and
 * Copyright, XMP (Dublin Core description and rights), IPTC IIM 2:120 and 2:116.
 */
final readonly class Credits
{
    /** What is longer would not go into a JPEG's Exif beside the other (a segment holds 65 533 bytes); it ends in “…”. */
    private const MOST_BYTES = 28_000;

    public function __construct(public ?string $caption, public ?string $copyright) {}

    public static function of(string $path, PictureFacts $picture): self
    {
        $data = OwnData::of($path, $picture->format === PictureFormat::Tiff ? null : Image::open($path), $picture->format, $picture->page);

        return new self(self::text($data->captions), self::text($data->copyrights));
    }

    /**
     * What a file of several pictures carries: what they all say alike.
     *
     * @param  list<self>  $all
     */
    public static function shared(array $all): self
    {
        $alike = fn (array $texts): ?string => count(array_unique($texts)) === 1 ? $texts[0] : null;

        return new self($alike(array_column($all, 'caption')), $alike(array_column($all, 'copyright')));
    }

    /** @param  list<string>  $said */
    private static function text(array $said): ?string
    {
        foreach ($said as $one) {
            // IPTC that doesn't say its character set is mostly Latin 1
            $text = mb_check_encoding($one, 'UTF-8') ? $one : mb_convert_encoding($one, 'UTF-8', 'ISO-8859-1');
            $plain = trim((string) preg_replace('/[\x00-\x08\x0b\x0c\x0e-\x1f\x7f]+/', ' ', $text));
            if ($plain !== '') {
                return strlen($plain) > self::MOST_BYTES ? mb_strcut($plain, 0, self::MOST_BYTES, 'UTF-8').'…' : $plain;
            }
        }

        return null;
    }
}
