<?php

declare(strict_types=1);

namespace Planisher\Plan\Layer;

/** What goes round the bar of a canvas. */
enum EdgeFill: string
{
    /** The picture reflected about the fold. */
    case Mirrored = 'mirrored';

    /** The face's outermost band, a tenth of the depth, reflected and stretched. */
    case DrawnOut = 'drawn-out';

    /** The picture itself goes on: the face is taken from a smaller part of it. */
    case RunsOn = 'runs-on';

    case OneColour = 'one-colour';

    public function label(): string
    {
        return match ($this) {
            self::Mirrored => 'mirrored',
            self::DrawnOut => 'drawn out',
            self::RunsOn => 'running on',
            self::OneColour => 'in one colour',
        };
    }
}
