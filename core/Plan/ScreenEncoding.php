<?php

declare(strict_types=1);

namespace Planisher\Plan;

use Planisher\Colour\Intent;
use Planisher\Colour\Sharpening;
use Planisher\Colour\Space;
use Planisher\Colour\Strength;
use Planisher\Colour\Surface;
use Planisher\Lab\FileFormat;
use Planisher\Line\KeptData;
use Planisher\Measure\PixelSize;

/** How what is for a screen is written: a JPEG in sRGB, lifted for no paper. */
final class ScreenEncoding
{
    public static function of(int $quality, Strength $sharpened, KeptData $keep = KeptData::Credits): Encoding
    {
        return new Encoding(
            Space::Srgb,
            Intent::Relative,
            FileFormat::Jpeg,
            $quality,
            8,
            sharpening: Sharpening::for(Surface::Screen, $sharpened, PixelSize::PPI, 0.0),
            keep: $keep,
        );
    }
}
