<?php

declare(strict_types=1);

namespace Planisher\Colour;

/** What light does on a paper, or on a screen; a rougher surface spreads a point wider. */
enum Surface: string
{
    case Glossy = 'glossy';
    case Lustre = 'lustre';
    case Matte = 'matte';
    case Screen = 'screen';

    /** The standard deviation of the surface's line spread in mm. Assumed, plausible values; no source. */
    public function spread(): float
    {
        return match ($this) {
            self::Glossy => 0.018,
            self::Lustre => 0.025,
            self::Matte => 0.04,
            self::Screen => 0.0,
        };
    }
}
