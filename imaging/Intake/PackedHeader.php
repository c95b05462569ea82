<?php

declare(strict_types=1);

namespace Planisher\Imaging\Intake;

use Planisher\Colour\TaggedColour;

/** What a picture's own header says of how it is packed, read from its bytes before anything unpacks it. */
final readonly class PackedHeader
{
    /**
     * @param  int  $held  bytes of pixels that unpacking it holds at once, whoever does it
     * @param  int  $work  samples that are unpacked, each pass over the picture counted
     * @param  int  $metadata  bytes of all that isn't pixels
     * @param  ?string  $refused  why it can't be taken, in plain words
     * @param  bool  $isCutOff  whether the file is too short for the pixels it claims
     * @param  ?int  $orientation  as Exif counts them, where only the file itself tells it
     * @param  ?int  $alpha  which of the channels beside its colours is its transparency, from 0; null for none, or where
     *           the format tells it
     */
    public function __construct(
        public int $held = 0,
        public int $work = 0,
        public int $metadata = 0,
        public ?string $refused = null,
        public bool $isCutOff = false,
        public ?int $orientation = null,
        public ?TaggedColour $tagged = null,
        public int $page = 0,
        public int $pages = 1,
        public ?int $alpha = null,
        public bool $isSigned = false,
        public bool $isUnusual = false,
        public bool $isAnimated = false,
    ) {}
}
