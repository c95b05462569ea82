<?php

declare(strict_types=1);

namespace Planisher\Imaging\Vips;

/** What an image's bands stand for (VipsInterpretation). */
enum Interpretation: int
{
    case Error = -1;
    case Multiband = 0;
    case Grey = 1;
    case Histogram = 10;
    case Xyz = 12;
    case Lab = 13;
    case Cmyk = 15;
    case LabQ = 16;
    case Rgb = 17;
    case Cmc = 18;
    case Lch = 19;
    case LabS = 21;
    case Srgb = 22;
    case Yxy = 23;
    case Fourier = 24;
    case Rgb16 = 25;
    case Grey16 = 26;
    case Matrix = 27;
    case ScRgb = 28;
    case Hsv = 29;
}
