<?php

declare(strict_types=1);

namespace Planisher\Imaging\Vips;

/** What Debian keeps apart from libvips for rarer kinds of pictures, by its file's name. */
enum Module: string
{
    case Heif = 'vips-heif';
    /** ImageMagick's readers */
    case General = 'vips-magick';
}
