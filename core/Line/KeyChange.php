<?php

declare(strict_types=1);

namespace Planisher\Line;

/** What a change under a key of a line means for a line that was passed or made. */
enum KeyChange
{
    /** It has other pixels: it is open again, to be looked at and made anew. */
    case Opens;

    /** Its pixels stay, its file doesn't: it has only to be made again. */
    case Remakes;

    /** Neither its pixels nor its file are others. */
    case Leaves;
}
