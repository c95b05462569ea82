<?php

declare(strict_types=1);

namespace Planisher\Plan;

/** The verdict on a picture's pixels at a size. */
enum SharpnessGrade: string
{
    case Plenty = 'plenty';
    case Enough = 'enough';
    case Soft = 'soft';
    case TooFew = 'too few';
}
