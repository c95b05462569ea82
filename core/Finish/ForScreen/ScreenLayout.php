<?php

declare(strict_types=1);

namespace Planisher\Finish\ForScreen;

use Planisher\Measure\PixelSize;
use Planisher\Plan\OfFinish;

/** What a screen copy's layout has beside others': its size in pixels. */
final readonly class ScreenLayout implements OfFinish
{
    public function __construct(public PixelSize $pixels) {}
}
