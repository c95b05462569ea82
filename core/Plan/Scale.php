<?php

declare(strict_types=1);

namespace Planisher\Plan;

use Planisher\Lab\LabCard;
use Planisher\Line\LineSpec;
use Planisher\Measure\Box;
use Planisher\Measure\PixelRect;
use Planisher\Measure\Resolution;

/**
 * How many pixels a file has for its lengths: by the resolution that is asked for, or by the picture's own pixels, which then
 * say how large its image is.
 */
final readonly class Scale
{
    private function __construct(public Resolution $resolution, public bool $isOwn) {}

    /** @param  PixelRect  $window  of the picture that lands on the image */
    public static function of(LineSpec $line, LabCard $lab, PixelRect $window, Box $image): self
    {
        return $line->output->ownPixels
            ? new self(Resolution::own($window->width, $image->width), true)
            : new self(self::asked($line, $lab), false);
    }

    /** What is asked for, or the lab aims at. */
    public static function asked(LineSpec $line, LabCard $lab): Resolution
    {
        return $line->output->resolution ?? $lab->resolution;
    }

    /** Where the image lands: on its rounded place, or as many pixels from that corner as its window has. */
    public function image(PixelRect $rounded, PixelRect $window): PixelRect
    {
        return $this->isOwn ? new PixelRect($rounded->x, $rounded->y, $window->width, $window->height) : $rounded;
    }

    public function px(int $nanometres): int
    {
        return $this->resolution->pixelAt($nanometres);
    }
}
