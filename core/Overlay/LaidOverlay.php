<?php

declare(strict_types=1);

namespace Planisher\Overlay;

use Planisher\Measure\Box;
use Planisher\Measure\Resolution;
use Planisher\Picture\PictureFacts;

/** A mark where it lies on its paper. */
final readonly class LaidOverlay
{
    private function __construct(public Overlay $wanted, public PictureFacts $picture, public Box $box) {}

    /** @param  Box  $image  that it is laid over, on the paper; a mark is never larger than that */
    public static function over(Box $image, Overlay $wanted, PictureFacts $picture): self
    {
        if ($wanted->where === OverlayPlace::Whole) {
            return new self($wanted, $picture, $image);
        }
        $wide = $picture->width / $picture->height;
        $width = max(1, (int) round(min($wanted->width->on($image->width), $image->width, $image->height * $wide)));
        $height = max(1, min($image->height, (int) round($width / $wide)));
        $offset = $wanted->offset->on($image->width);

        return new self(
            $wanted,
            $picture,
            new Box(
                $image->x + self::from($wanted->where->across(), $image->width - $width, $offset),
                $image->y + self::from($wanted->where->down(), $image->height - $height, $offset),
                $width,
                $height,
            ),
        );
    }

    /** How much a mark over the whole image is stretched out of its own shape, as a share; 0 of any other. */
    public function stretched(): float
    {
        $own = $this->picture->width / $this->picture->height;
        $here = $this->box->width / $this->box->height;

        return $this->wanted->where === OverlayPlace::Whole ? max($own, $here) / min($own, $here) - 1 : 0.0;
    }

    /** Pixels of a file for one of its own: above 1 enlarges it. */
    public function scale(Resolution $resolution): float
    {
        $there = $this->box->pixels($resolution);

        return max($there->width, $there->height) / max($this->picture->width, $this->picture->height);
    }

    /** Where it begins in what is free: its offset from the edge it is nearest to, none in the middle, and never beyond the other edge. */
    private static function from(float $share, int $free, int $offset): int
    {
        $offset = min($offset, max(0, $free));

        return (int) round($share * $free) +
            match ($share) {
                0.0 => $offset,
                1.0 => -$offset,
                default => 0,
            };
    }
}
