<?php

declare(strict_types=1);

namespace Planisher\Plan;

use Planisher\Measure\PixelRect;
use Planisher\Picture\PictureFacts;

/** A part of a picture, in source pixels as displayed, and where it lands, in pixels of the file. */
final readonly class Placement
{
    public function __construct(public PictureFacts $picture, public PixelRect $source, public PixelRect $target) {}

    /** Target pixels per source pixel: above 1 enlarges. The smaller of the two directions never differs by more than a source pixel. */
    public function scale(): float
    {
        return max($this->target->width / $this->source->width, $this->target->height / $this->source->height);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['picture' => $this->picture->sha256, 'source' => $this->source->toArray(), 'target' => $this->target->toArray()];
    }
}
