<?php

declare(strict_types=1);

namespace Planisher\Imaging\Type;

use Planisher\Words\Face;
use Planisher\Words\Style;

/** The files of the shipped faces, each with its licence beside it. */
final class FaceFiles
{
    private const FOLDER = __DIR__.'/faces';

    /** Only what a call names, and unhinted, so that letters are of one shape at any size. */
    public const FONTCONFIG = __DIR__.'/fonts.conf';

    /** @param  Style  $style  one that the face has */
    public static function path(Face $face, Style $style): string
    {
        return self::FOLDER."/{$face->folder()}/{$style->value}.ttf";
    }

    /** As fontconfig finds it. */
    public static function name(Face $face, Style $style): string
    {
        return trim("{$face->value} ".ucwords($style->label()));
    }
}
