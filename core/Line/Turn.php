<?php

declare(strict_types=1);

namespace Planisher\Line;

/** Which way up the paper is used; auto takes the way that cuts less of the picture. */
enum Turn: string
{
    case Auto = 'auto';
    case Portrait = 'portrait';
    case Landscape = 'landscape';
}
