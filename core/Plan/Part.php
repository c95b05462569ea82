<?php

declare(strict_types=1);

namespace Planisher\Plan;

use Planisher\Lab\LabCard;
use Planisher\Line\LineSpec;
use Planisher\Measure\Box;
use Planisher\Measure\PixelRect;
use Planisher\Measure\Resolution;
use Planisher\Measure\Size;
use Planisher\Picture\PictureFacts;
use Planisher\Picture\Window;

/** One picture of a plan: where it lies on its paper, which part of it is printed, what is cut and how sharp the rest is. */
final readonly class Part
{
    /**
     * @param  Size  $size  of the print that it is on
     * @param  Box  $image  on the plan's paper
     * @param  Window  $wanted  as it was chosen, or the one that keeps in what must stay in
     * @param  PixelRect  $window  the same in source pixels
     */
    private function __construct(
        public PictureFacts $picture,
        public Size $size,
        public Box $image,
        public Window $wanted,
        public PixelRect $window,
        public Cut $cut,
        public Sharpness $sharpness,
    ) {}

    /** @param  Size  $size  of the print that the picture is on, which says from where it is looked at */
    public static function of(LineSpec $line, LabCard $lab, PictureFacts $picture, Box $image, Size $size, WindowChoice $window): self
    {
        $ppi = min(
            Resolution::own($window->pixels->width, $image->width)->ppi(),
            Resolution::own($window->pixels->height, $image->height)->ppi(),
        );

        return new self(
            $picture,
            $size,
            $image,
            $window->wanted,
            $window->pixels,
            Cut::by($window->pixels, $picture),
            Sharpness::judge($ppi, $size, $lab, $line->viewedFrom, onTheWall: $line->isForTheWall()),
        );
    }
}
