<?php

declare(strict_types=1);

namespace Planisher\Plan\Layer;

use Planisher\Measure\PixelRect;
use Planisher\Plan\Placement;

/** One of the things a file is painted of, in their order: each lies over those before it. All positions are pixels of the file. */
interface Layer
{
    /** What of the file it may change. */
    public function where(): PixelRect;

    /** The same, of a print that is laid on larger paper. */
    public function laid(Placement $on): self;

    /**
     * The same of a file at another scale, for a screen.
     *
     * @param  PixelRect  $whole  the small file
     */
    public function small(float $scale, PixelRect $whole): self;

    /** @return array<string, mixed> the same for the same pixels only */
    public function toArray(): array;
}
