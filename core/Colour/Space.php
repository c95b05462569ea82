<?php

declare(strict_types=1);

namespace Planisher\Colour;

/** A colour space a lab may ask for, by the name of the specification that encodes it. */
enum Space: string
{
    /** Exif tag ColorSpace of all that is not sRGB */
    public const NOT_SRGB = 65535;

    /** IEC 61966-2-1:1999 */
    case Srgb = 'sRGB';
    /** Adobe RGB (1998) Color Image Encoding, version 2005-05; the profile we embed is our own, compatible one. */
    case AdobeRgb = 'Adobe RGB (1998)';

    /** The description that our profile for this space carries. */
    public function profileDescription(): string
    {
        return match ($this) {
            self::Srgb => 'sRGB IEC61966-2.1',
            self::AdobeRgb => 'Compatible with Adobe RGB (1998)',
        };
    }

    /** The value of Exif tag ColorSpace (EXIF 2.3, 4.6.5): 1 = sRGB, 65535 = not sRGB. */
    public function exifColorSpace(): int
    {
        return $this === self::Srgb ? 1 : self::NOT_SRGB;
    }
}
