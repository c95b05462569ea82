<?php

declare(strict_types=1);

namespace Planisher\Plan;

use Planisher\Line\Crop;
use Planisher\Measure\Box;
use Planisher\Measure\PixelRect;
use Planisher\Measure\Ratio;
use Planisher\Measure\Side;
use Planisher\Picture\PictureFacts;
use Planisher\Picture\Window;

/** The part of a picture that lands on a layout's image. */
final readonly class WindowChoice
{
    /**
     * @param  Window  $wanted  as it was chosen, or the one that keeps in what must stay in
     * @param  PixelRect  $pixels  the same in source pixels
     */
    private function __construct(public Window $wanted, public PixelRect $pixels) {}

    public static function whole(PictureFacts $picture): self
    {
        return new self(new Window(), new PixelRect(0, 0, $picture->width, $picture->height));
    }

    /** The one that is wanted of a ratio, or the one that keeps in what must stay in. */
    public static function of(?Window $wanted, Ratio $ratio, PictureFacts $picture): self
    {
        $wanted ??= Window::keeping($picture, $ratio, [0.0, 0.0], [0.0, 0.0]);

        return new self($wanted, $wanted->on($picture, $ratio));
    }

    /**
     * @param  int  $cover  nanometres inside the paper's edge where nothing marked should lie
     * @param  ?Box  $shown  what is seen of the image, where something lies before it
     */
    public static function filling(Crop $crop, Layout $layout, PictureFacts $picture, int $cover, ?Box $shown = null): self
    {
        $ratio = $layout->image->ratio();
        $image = $layout->image;
        $hidden = fn (Side $side): float => max(
            0,
            $cover - $layout->margin($side),
            $shown === null
                ? 0
                : match ($side) {
                    Side::Left => $shown->x - $image->x,
                    Side::Right => $image->right() - $shown->right(),
                    Side::Top => $shown->y - $image->y,
                    Side::Bottom => $image->bottom() - $shown->bottom(),
                },
        );
        $wanted =
            $crop->window ??
            Window::keeping(
                $picture,
                $ratio,
                [$hidden(Side::Left) / $layout->image->width, $hidden(Side::Right) / $layout->image->width],
                [$hidden(Side::Top) / $layout->image->height, $hidden(Side::Bottom) / $layout->image->height],
            );

        return new self($wanted, $wanted->on($picture, $ratio));
    }
}
