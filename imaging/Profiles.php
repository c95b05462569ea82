<?php

declare(strict_types=1);

namespace Planisher\Imaging;

use Planisher\Colour\Space;

/** The profiles shipped with the application; profiles/make.php writes them. */
final class Profiles
{
    public static function path(Space $space): string
    {
        return __DIR__.'/profiles/'.match ($space) {
            Space::Srgb => 'srgb',
            Space::AdobeRgb => 'compatible-with-adobe-rgb-1998',
        }.'.icc';
    }

    public static function bytes(Space $space): string
    {
        return (string) file_get_contents(self::path($space));
    }
}
