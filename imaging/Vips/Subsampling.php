<?php

declare(strict_types=1);

namespace Planisher\Imaging\Vips;

/** Whether a JPEG keeps its colours at half their resolution (VipsForeignSubsample). */
enum Subsampling: int
{
    case BelowQuality90 = 0;
    case Always = 1;
    case Never = 2;
}
