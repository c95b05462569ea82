<?php

declare(strict_types=1);

namespace Planisher\Picture;

/** A file that can't be taken as a picture. The message says why and what to do; it does not repeat the file's name. */
class PictureRefused extends \RuntimeException
{
    public static function because(string $why, ?\Throwable $previous = null): self
    {
        return new self($why, 0, $previous);
    }
}
