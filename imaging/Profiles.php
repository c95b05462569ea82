<?php

declare(strict_types=1);

namespace Planisher\Imaging;

use Planisher\Colour\PaperProfile;
use Planisher\Colour\Space;
use Planisher\Plan\Encoding;

/** The profiles shipped with the application (profiles/make.php writes them), and where those of papers lie. */
final class Profiles
{
    /** @var array<string, string> paths by checksum */
    private static array $papers = [];

    /** Where papers' profiles are kept under their checksums, for those that weren't named one by one. */
    private static ?string $folder = null;

    public static function keptIn(string $folder): void
    {
        self::$folder = $folder;
    }

    public static function folder(): ?string
    {
        return self::$folder;
    }

    public static function know(PaperProfile $profile, string $path): void
    {
        self::$papers[$profile->sha256] = $path;
    }

    public static function path(Space|PaperProfile $of): string
    {
        if ($of instanceof PaperProfile) {
            return self::$papers[$of->sha256] ?? self::$folder."/{$of->sha256}.icc";
        }

        return __DIR__.
            '/profiles/'.
            match ($of) {
                Space::Srgb => 'srgb',
                Space::AdobeRgb => 'compatible-with-adobe-rgb-1998',
            }.
            '.icc';
    }

    public static function bytes(Space|PaperProfile $of): string
    {
        return (string) file_get_contents(self::path($of));
    }

    /** The profile that a file is converted into and carries. */
    public static function target(Encoding $encoding): Space|PaperProfile
    {
        return $encoding->profile ?? $encoding->colour;
    }
}
