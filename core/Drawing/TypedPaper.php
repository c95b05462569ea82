<?php

declare(strict_types=1);

namespace Planisher\Drawing;

use Planisher\Line\LineChange;
use Planisher\Measure\Length;
use Planisher\Measure\MeasureError;
use Planisher\Measure\Size;

/** What a side of the paper typed into the drawing changes. */
final class TypedPaper
{
    /**
     * A paper typed to stand the other way up than it did is meant to: it no longer turns to suit the picture.
     *
     * @throws MeasureError when a side is 0
     */
    public static function change(Size $before, string $side, Length $length): LineChange
    {
        $after = $side === 'width' ? Size::of($length, $before->height) : Size::of($before->width, $length);
        $lies = fn (Size $size): int => $size->width->nanometres <=> $size->height->nanometres;
        $turns = $lies($after) !== $lies($before) && $lies($after) !== 0;

        return LineChange::of(['size' => (string) $after] + ($turns ? ['turn' => $lies($after) > 0 ? 'landscape' : 'portrait'] : []));
    }
}
