<?php

declare(strict_types=1);

namespace Planisher\Imaging\Inspect;

use Planisher\Colour\Space;
use Planisher\Imaging\Colour\ShippedProfiles;
use Planisher\Imaging\Sources\Sources;
use Planisher\Imaging\Vips\Image;
use Planisher\Imaging\Vips\Kernel;
use Planisher\Picture\PictureFacts;
use Planisher\Plan\Layer\PictureLayer;

/** The part of a picture that is printed, small, in the picture's own colours. */
final readonly class PrintedPart
{
    /** A JPEG with a side so long is unpacked at half its size where that is enough. */
    private const UNPACKED_SMALL = 1000;

    /**
     * @param  PictureFacts  $facts  of the copy that it was taken from
     * @param  int  $area  that it takes of the file, in pixels
     */
    private function __construct(public Image $image, public PictureFacts $facts, public int $area) {}

    /** @param  int  $side  the longest in pixels, at most */
    public static function of(PictureLayer $placed, Sources $proxies, int $side): self
    {
        $small = $placed->from($proxies->facts($placed->picture));
        $shrink = $small->picture->width >= self::UNPACKED_SMALL && max($small->source->width, $small->source->height) >= 2 * $side ? 2 : 1;
        $unpacked = Image::open($proxies->path($placed->picture), shrink: $shrink);
        $part = $small->source->scaled(1 / $shrink, 1 / $shrink);
        $image = $unpacked->run('crop', [
            $part->x,
            $part->y,
            min($part->width, $unpacked->width() - $part->x),
            min($part->height, $unpacked->height() - $part->y),
        ]);
        $scale = min(1.0, $side / max($image->width(), $image->height()));
        $reduced = $scale < 1 ? $image->run('resize', [$scale], ['kernel' => Kernel::Linear]) : $image;

        return new self($reduced->held(PHP_INT_MAX), $small->picture, $placed->target->area());
    }

    /**
     * The mean of a figure of several parts, each weighed by what it takes of the file.
     *
     * @param  list<self>  $parts
     * @param  callable(self): float  $figure
     */
    public static function mean(array $parts, callable $figure): float
    {
        $all = array_sum(array_map(fn (self $part): int => $part->area, $parts));

        return $all === 0 ? 0.0 : array_sum(array_map(fn (self $part): float => ($figure($part) * $part->area) / $all, $parts));
    }

    /** The profile its colours are read by, where it carries none that can be used: sRGB's. */
    public function assumedProfile(): ?string
    {
        return $this->image->metadata()->profile() === null || $this->facts->profileFlaw !== null
            ? ShippedProfiles::path(Space::Srgb)
            : null;
    }
}
