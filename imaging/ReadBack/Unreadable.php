<?php

declare(strict_types=1);

namespace Planisher\Imaging\ReadBack;

/** A made file whose header can't be read back. */
final class Unreadable extends \RuntimeException
{
    public static function notOpened(): self
    {
        return new self('It can’t be opened.');
    }

    public static function withoutSize(): self
    {
        return new self('Its header says no size.');
    }

    public static function withoutTiffHeader(): self
    {
        return new self('Its TIFF header is missing.');
    }

    public static function directoryCutOff(): self
    {
        return new self('A directory of its tags is cut off.');
    }
}
