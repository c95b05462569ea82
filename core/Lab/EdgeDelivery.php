<?php

declare(strict_types=1);

namespace Planisher\Lab;

/** How a canvas's face and edges are written apart. */
enum EdgeDelivery: string
{
    /** Two files: the face alone, and the edges round an empty face. */
    case Files = 'files';

    /** One TIFF of two pages, both of the whole size, so that they lie on each other. */
    case Pages = 'pages';
}
