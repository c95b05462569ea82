<?php

declare(strict_types=1);

namespace Planisher\Lab;

/** A kind of file a lab takes. */
enum FileFormat: string
{
    case Jpeg = 'jpeg';
    case Tiff = 'tiff';

    public function extension(): string
    {
        return $this === self::Jpeg ? 'jpg' : 'tif';
    }

    public function label(): string
    {
        return strtoupper($this->value);
    }
}
