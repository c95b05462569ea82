<?php

declare(strict_types=1);

namespace Planisher\Written;

enum WordKind
{
    case Letters;
    case Digits;
    case Sign;
}
