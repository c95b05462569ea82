<?php

declare(strict_types=1);

namespace Planisher\Imaging\Colour;

use Planisher\Colour\Space;

/** The profiles shipped with the application; profiles/make.php writes them. */
final class ShippedProfiles
{
    /** Where a colour space's profile lies. */
    public static function path(Space $of): string
    {
        return self::at(
            match ($of) {
                Space::Srgb => 'srgb',
                Space::AdobeRgb => 'compatible-with-adobe-rgb-1998',
            },
        );
    }

    public static function bytes(Space $of): string
    {
        return (string) file_get_contents(self::path($of));
    }

    /** ROMM RGB (ISO 22028-2): wider than all that is printed. */
    public static function widest(): string
    {
        return self::at('romm');
    }

    private static function at(string $name): string
    {
        return dirname(__DIR__)."/profiles/{$name}.icc";
    }
}
