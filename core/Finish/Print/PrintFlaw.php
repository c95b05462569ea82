<?php

declare(strict_types=1);

namespace Planisher\Finish\Print;

/** Something wanted of a print's paper that can't be had; the layout does without it, and a finding says so. */
enum PrintFlaw
{
    case MarginsTooLarge;
    case ImageTooLarge;
    case OpeningTooLarge;
    case RaisedTooFar;
    case CarrierTooSmall;
}
