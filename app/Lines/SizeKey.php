<?php

declare(strict_types=1);

namespace App\Lines;

use Planisher\Measure\MeasureError;
use Planisher\Measure\Size;

/** What a line is found by of its size. */
final class SizeKey
{
    /**
     * A line's size as it is found by, whatever unit it was typed in and whichever way up: its sides in nanometres.
     *
     * @param  LineForm  $wanted  its order-file form
     */
    public static function of(array $wanted): ?string
    {
        try {
            $size = Size::parse((string) ($wanted['size'] ?? ''))->portrait();
        } catch (MeasureError) {
            return null; // “cheapest”, or a copy for a screen
        }

        return "{$size->width->nanometres}x{$size->height->nanometres}";
    }
}
