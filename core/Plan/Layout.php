<?php

declare(strict_types=1);

namespace Planisher\Plan;

use Planisher\Line\Crop;
use Planisher\Line\Turn;
use Planisher\Measure\Box;
use Planisher\Measure\Side;
use Planisher\Measure\Size;

/**
 * Where an image sits on its paper, and the paper on its sheet, in whole nanometres from the paper's top left corner. Of a
 * canvas the paper is its face, of panels the undivided piece. Rounding to pixels comes later.
 *
 * @template-covariant O of OfFinish|null = OfFinish|null  what only its finish knows of it
 */
final readonly class Layout
{
    /**
     * @param  Size  $size  the ordered size, the way up it is used
     * @param  Box  $image  the picture on the paper; beyond its edges where the lab asks for bleed
     * @param  Box  $sheet  the whole sheet that is sent, bleed included
     * @param  int  $bleed  nanometres round the sheet that the lab trims away
     * @param  O  $own
     */
    public function __construct(public Size $size, public Box $image, public Box $sheet, public int $bleed, public ?OfFinish $own = null) {}

    /**
     * The layout of the way up that was asked for; auto takes the one that loses less, and as typed when both are alike.
     *
     * @template F of OfFinish|null = OfFinish|null
     *
     * @param  callable(Size): self<F>  $layout
     * @param  callable(self<F>): float  $loss
     * @return self<F>
     */
    public static function upright(Crop $crop, callable $layout, callable $loss): self
    {
        if ($crop->turn !== Turn::Auto) {
            return $layout($crop->turn === Turn::Portrait ? $crop->size->portrait() : $crop->size->landscape());
        }
        [$typed, $turned] = [$layout($crop->size), $layout($crop->size->turned())];

        return $loss($turned) < $loss($typed) ? $turned : $typed;
    }

    public function box(): Box
    {
        return Box::ofSize($this->size);
    }

    /** The paper that stays free of picture on a side, in nanometres; below 0 where picture goes on into the bleed. */
    public function margin(Side $side): int
    {
        return match ($side) {
            Side::Top => $this->image->y,
            Side::Left => $this->image->x,
            Side::Right => $this->size->width->nanometres - $this->image->right(),
            Side::Bottom => $this->size->height->nanometres - $this->image->bottom(),
        };
    }

    public function imageFillsPaper(): bool
    {
        return $this->box()->liesIn($this->image);
    }
}
