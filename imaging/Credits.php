<?php

declare(strict_types=1);

namespace Planisher\Imaging;

use Planisher\Imaging\Vips\Image;

/**
 * A picture's caption and copyright, from whichever of its data says them first: Exif and TIFF tags ImageDescription and
 * Copyright, XMP (Dublin Core description and rights), IPTC IIM 2:120 and 2:116.
 */
final readonly class Credits
{
    private const LONGEST = 500;

    private const DUBLIN_CORE = 'http://purl.org/dc/elements/1.1/';

    public function __construct(public ?string $caption, public ?string $copyright) {}

    public static function of(Image $image): self
    {
        $xmp = self::xmp((string) $image->blob('xmp-data'));
        $iptc = @iptcparse((string) $image->blob('iptc-data')) ?: [];

        return new self(
            self::text($image->exif('ImageDescription'), $image->text('image-description'), $xmp['description'] ?? null, $iptc['2#120'][0] ?? null),
            self::text($image->exif('Copyright'), $xmp['rights'] ?? null, $iptc['2#116'][0] ?? null),
        );
    }

    private static function text(?string ...$said): ?string
    {
        foreach ($said as $one) {
            // IPTC that doesn't say its character set is mostly Latin 1
            $plain = trim(mb_check_encoding((string) $one, 'UTF-8') ? (string) $one : mb_convert_encoding((string) $one, 'UTF-8', 'ISO-8859-1'));
            if ($plain !== '') {
                return mb_substr($plain, 0, self::LONGEST);
            }
        }

        return null;
    }

    /** @return array<string, string> */
    private static function xmp(string $packet): array
    {
        $document = new \DOMDocument;
        if ($packet === '' || ! @$document->loadXML(trim($packet, "\0 \n\r\t"), LIBXML_NONET)) {
            return [];
        }
        $texts = [];
        foreach (['description', 'rights'] as $name) {
            $texts[$name] = $document->getElementsByTagNameNS(self::DUBLIN_CORE, $name)->item(0)->textContent ?? '';
        }

        return $texts;
    }
}
