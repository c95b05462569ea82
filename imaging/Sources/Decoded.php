<?php

declare(strict_types=1);

namespace Planisher\Imaging\Sources;

use Planisher\Imaging\Vips\BandFormat;
use Planisher\Imaging\Vips\Image;

/** The picture that files are made of one after the other: decoded once, and held until another comes. */
final class Decoded
{
    /** What takes more is decoded anew for each file. */
    private const MOST_BYTES = 120_000_000;

    private ?string $what = null;

    private ?Image $image = null;

    /**
     * @param  string  $what  the same for the same pixels only
     * @param  callable(): Image  $open
     */
    public function of(string $what, callable $open): Image
    {
        if ($this->what === $what && $this->image !== null) {
            return $this->image;
        }
        [$this->what, $this->image] = [null, null]; // before the next is held
        $image = $open();
        $bytes = $image->width() * $image->height() * $image->bands() * ($image->format() === BandFormat::Bits8 ? 1 : 2);
        if ($bytes > self::MOST_BYTES) {
            return $image;
        }
        [$this->what, $this->image] = [$what, $image->held(self::MOST_BYTES)];

        return $this->image;
    }
}
