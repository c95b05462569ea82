<?php

declare(strict_types=1);

namespace Planisher\Plan;

use Planisher\Measure\PixelRect;
use Planisher\Measure\Size;
use Planisher\Picture\Window;

/** The finished arithmetic of a line. The screen draws it, the checks judge it, the renderer executes it, the read-back measures against it. */
final readonly class Plan
{
    /**
     * @param  Window  $wanted  the window as wanted, or as it was chosen
     * @param  PixelRect  $window  the part of the picture that is printed, in source pixels
     * @param  non-empty-list<PlannedFile>  $files
     */
    public function __construct(
        public Layout $layout,
        public Window $wanted,
        public PixelRect $window,
        public Cut $cut,
        public Sharpness $sharpness,
        public array $files,
    ) {}

    /** The ordered size, the way up it is used. */
    public function paper(): Size
    {
        return $this->layout->paper;
    }

    /** Target pixels per source pixel. */
    public function scale(): float
    {
        return max(array_map(fn (PlannedFile $f): float => max(array_map(fn (Placement $p): float => $p->scale(), $f->placements)), $this->files));
    }

    public function hash(): string
    {
        return hash('sha256', implode('', array_map(fn (PlannedFile $f): string => $f->hash(), $this->files)));
    }
}
