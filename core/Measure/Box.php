<?php

declare(strict_types=1);

namespace Planisher\Measure;

/** A rectangle on paper, in whole nanometres from the ordered paper's top left corner. */
final class Box
{
    use Rectangle;

    public static function ofSize(Size $size): self
    {
        return new self(0, 0, $size->width->nanometres, $size->height->nanometres);
    }

    public function ratio(): Ratio
    {
        return Ratio::of($this->width, $this->height);
    }

    /** In pixels: its edges are rounded, not its sides, so that neighbours join. */
    public function pixels(Resolution $resolution): PixelRect
    {
        return PixelRect::edges(
            $resolution->pixelAt($this->x),
            $resolution->pixelAt($this->y),
            $resolution->pixelAt($this->right()),
            $resolution->pixelAt($this->bottom()),
        );
    }

    /** @return array{left: float, top: float, width: float, height: float} in mm */
    public function toArray(): array
    {
        $mm = fn (int $nanometres): float => $nanometres / Unit::Millimetre->nanometres();

        return ['left' => $mm($this->x), 'top' => $mm($this->y), 'width' => $mm($this->width), 'height' => $mm($this->height)];
    }
}
