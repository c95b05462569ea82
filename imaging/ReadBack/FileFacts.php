<?php

declare(strict_types=1);

namespace Planisher\Imaging\ReadBack;

/** What a finished file says of itself. Resolutions are in pixels per inch; null where a tag is missing. */
final readonly class FileFacts
{
    /**
     * @param  array<string, ?float>  $ppi  by where it stands: JFIF, Exif, TIFF
     * @param  ?string  $profile  the embedded profile's bytes
     */
    public function __construct(
        public int $width,
        public int $height,
        public int $bits,
        public array $ppi,
        public ?string $profile,
        public bool $complete,
        public int $pages = 1,
    ) {}
}
