<?php

declare(strict_types=1);

namespace Planisher\Colour;

/** A colour space a lab may ask for, by the name of the specification that encodes it. */
enum Space: string
{
    /** Exif tag ColorSpace of all that is not sRGB */
    public const NOT_SRGB = 65535;

    private const ADOBE_GAMMA = 563 / 256;

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

    /**
     * Where its white, red, green and blue lie, x and y (CIE 1931).
     *
     * @return list<array{float, float}>
     */
    public function chromaticities(): array
    {
        return [[0.3127, 0.329], [0.64, 0.33], $this === self::Srgb ? [0.3, 0.6] : [0.21, 0.71], [0.15, 0.06]];
    }

    /** Light of a code, both from 0 to 1. */
    public function light(float $code): float
    {
        return match ($this) {
            self::Srgb => $code <= 0.04045 ? $code / 12.92 : (($code + 0.055) / 1.055) ** 2.4,
            self::AdobeRgb => $code ** self::ADOBE_GAMMA,
        };
    }

    /** The code of light, both from 0 to 1. */
    public function code(float $light): float
    {
        return match ($this) {
            self::Srgb => $light <= 0.0031308 ? 12.92 * $light : 1.055 * $light ** (1 / 2.4) - 0.055,
            self::AdobeRgb => $light ** (1 / self::ADOBE_GAMMA),
        };
    }

    /** Its curve as its profile has it. */
    public function curve(): string
    {
        return $this === self::Srgb ? IccBytes::curve($this->light(...), 1024) : IccBytes::gamma(self::ADOBE_GAMMA);
    }

    /** The value of Exif tag ColorSpace (EXIF 2.3, 4.6.5): 1 = sRGB, 65535 = not sRGB. */
    public function exifColorSpace(): int
    {
        return $this === self::Srgb ? 1 : self::NOT_SRGB;
    }
}
