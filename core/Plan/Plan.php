<?php

declare(strict_types=1);

namespace Planisher\Plan;

use Planisher\Lab\LabCard;
use Planisher\Line\Line;
use Planisher\Measure\PixelRect;
use Planisher\Measure\Resolution;
use Planisher\Measure\Size;
use Planisher\Picture\PictureFacts;
use Planisher\Picture\Window;

/** The finished arithmetic of a line. The screen draws it, the checks judge it, the renderer executes it, the read-back measures against it. */
final readonly class Plan
{
    /**
     * @param  Window  $wanted  the window as wanted, or as it was chosen
     * @param  PixelRect  $window  the part of the picture that is printed, in source pixels
     * @param  non-empty-list<PlannedFile>  $files
     * @param  PlannedFile  $shown  all of it in one, to look at: the file itself, or what a set is cut from
     */
    private function __construct(
        public Layout $layout,
        public Window $wanted,
        public PixelRect $window,
        public Cut $cut,
        public Sharpness $sharpness,
        public array $files,
        public PlannedFile $shown,
    ) {}

    /** @param  non-empty-list<PlannedFile>  $files */
    public static function of(Line $line, LabCard $lab, Layout $layout, WindowChoice $window, PictureFacts $picture, array $files, PlannedFile $shown): self
    {
        $ppi = min(
            Resolution::own($window->pixels->width, $layout->image->width)->ppi(),
            Resolution::own($window->pixels->height, $layout->image->height)->ppi(),
        );

        return new self(
            $layout,
            $window->wanted,
            $window->pixels,
            Cut::by($window->pixels, $picture),
            Sharpness::judge($ppi, $layout->paper, $lab, $line->viewedFrom, onTheWall: $line->panels !== null),
            $files,
            $shown,
        );
    }

    /** The ordered size, the way up it is used. */
    public function paper(): Size
    {
        return $this->layout->paper;
    }

    /** Target pixels per source pixel. */
    public function scale(): float
    {
        return max(array_map(fn (Placement $p): float => $p->scale(), $this->shown->placements));
    }

    public function hash(): string
    {
        return hash('sha256', implode('', array_map(fn (PlannedFile $f): string => $f->hash(), $this->files)));
    }
}
