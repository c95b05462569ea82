<?php

declare(strict_types=1);

namespace Planisher\Finish\Panels;

/** What becomes of the picture where panels hang apart. */
enum BehindGap: string
{
    /** Nothing is lost: the panels together are the whole picture, hung a little apart. */
    case Keep = 'keep';

    /** As through a window: what lies behind a gap is left out, and the size counts the gaps in. */
    case Drop = 'drop';
}
