<?php

declare(strict_types=1);

namespace Planisher\Language\Words;

enum WordKind
{
    case Letters;
    case Digits;
    case Sign;
}
