<?php

declare(strict_types=1);

namespace Planisher\Imaging\Paint;

use Planisher\Colour\ToneCurve;
use Planisher\Imaging\Colour\Conversion;
use Planisher\Imaging\Sources\Orientation;
use Planisher\Imaging\Sources\Original;
use Planisher\Imaging\Vips\Image;
use Planisher\Plan\Layer\OverlayLayer;

/** Lays a mark over what is there, as far as it isn't transparent. */
final class OverlayPainter implements Painter
{
    private const HELD_IN_MEMORY = 120_000_000;

    public function __construct(private readonly OverlayLayer $overlay) {}

    public function paint(?Image $on, PaintedPage $page): Image
    {
        [$target, $whole] = [$this->overlay->target, $page->file->whole()];
        if ($on === null) {
            throw new \LogicException('A mark is over something.');
        }
        if (! $target->meets($whole)) {
            return $on;
        }
        [$colours, $mask] = $this->mark($page);

        return $on->covered($mask, $colours, $target->x, $target->y);
    }

    /** @return array{Image, Image} its colours in the file's space, and how much of them is seen, 8 bits */
    private function mark(PaintedPage $page): array
    {
        $overlay = $this->overlay;
        $path = $page->sources->path($overlay->picture);
        [$width, $height] = $overlay->isTurned
            ? [$overlay->target->height, $overlay->target->width]
            : [$overlay->target->width, $overlay->target->height];
        [$colours, $alpha] = Original::apart($path, $overlay->picture, $width, $height, $page->kernel);
        $encoding = $page->file->encoding->with(tone: new ToneCurve()); // it isn't lifted for paper: it was chosen so
        $colours = (new Conversion($encoding, $page->sources->profiles))->into($colours, $overlay->picture);
        $mask = $alpha->run('linear1', [$overlay->strength, 0.5], ['uchar' => true]);
        $turn = fn (Image $image): Image => $overlay->isTurned ? Orientation::turned($image) : $image;

        return [$turn($colours->held(self::HELD_IN_MEMORY)), $turn($mask->held(self::HELD_IN_MEMORY))];
    }
}
