<?php

declare(strict_types=1);

namespace Planisher\Plan;

/** Something wanted of a paper that can't be had; the layout does without it, and a finding says so. */
enum LayoutFlaw
{
    case MarginsTooLarge;
    case ImageTooLarge;
    case RaisedTooFar;
    case CarrierTooSmall;
    case EdgeTooDeep;
}
