<?php

declare(strict_types=1);

namespace Planisher\Imaging\Paint;

use Planisher\Colour\Rgb;
use Planisher\Imaging\Colour\Conversion;
use Planisher\Imaging\Sources\Sources;
use Planisher\Imaging\Vips\Kernel;
use Planisher\Plan\PlannedFile;

/** The file that is painted, or a page of it, and what it is painted from. */
final readonly class PaintedPage
{
    /** @param  Kernel  $kernel  what pictures are reduced with */
    public function __construct(public PlannedFile $file, public Sources $sources, public Kernel $kernel) {}

    /**
     * A colour as its codes in the file.
     *
     * @return array{float, float, float}
     */
    public function codes(Rgb $colour): array
    {
        return (new Conversion($this->file->encoding, $this->sources->profiles))->codes($colour);
    }
}
