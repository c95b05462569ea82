<?php

declare(strict_types=1);

namespace App\Making;

use Planisher\Finding\Finding;
use Planisher\Imaging\Files\CannotWrite;
use Planisher\Picture\PictureTrouble;

/** A line's file that can't be made as it was asked for, or not be put where it belongs. */
final class CannotMake extends CannotWrite
{
    public static function notExported(string $why): self
    {
        return new self("It is made, and couldn’t be put into the export folder: {$why}");
    }

    public static function exportNameTaken(string $file): self
    {
        return new self("It is made, and “{$file}” is another file, which isn’t overwritten. Move that one away, then make it again.");
    }

    public static function exportNotWritable(string $folder): self
    {
        return new self("It is made, and couldn’t be written into “{$folder}”. See to that folder, then make it again.");
    }

    public static function notKept(string $why, \Throwable $previous): self
    {
        return new self("{$why} Then make it again.", 0, $previous);
    }

    public static function stopped(Finding $by): self
    {
        return new self($by->inWords());
    }

    public static function without(PictureTrouble $picture): self
    {
        return new self($picture->inWords());
    }

    public static function noSuchFile(): self
    {
        return new self('The line makes no file of this name any more.');
    }

    public static function otherBytes(): self
    {
        return new self(
            'Made again it came out with other bytes than before: the program has changed since. Make the whole set anew, '.
                'so that its files go together.',
        );
    }
}
