<?php

declare(strict_types=1);

namespace Planisher\Picture;

use Planisher\Measure\PixelRect;

/**
 * How much there is to see where: the mean local contrast of 24 × 16 cells of a picture, a byte each, row by row, as hex.
 * Where its weight lies is the centre of mass of it.
 */
final class ContrastMap
{
    public const COLUMNS = 24;

    public const ROWS = 16;

    /**
     * How far the weight lies off a window's middle, in fractions of half its width and height: −1 at its left or top edge.
     *
     * @param  string  $hex  of the map
     * @return array{float, float}
     */
    public static function offMiddle(string $hex, PixelRect $window, PictureFacts $picture): array
    {
        $bytes = array_values((array) unpack('C*', (string) hex2bin($hex)));
        [$left, $top] = [($window->x / $picture->width) * self::COLUMNS, ($window->y / $picture->height) * self::ROWS];
        [$wide, $high] = [($window->width / $picture->width) * self::COLUMNS, ($window->height / $picture->height) * self::ROWS];
        [$mass, $x, $y] = [0.0, 0.0, 0.0];
        for ($row = 0; $row < self::ROWS; $row++) {
            for ($column = 0; $column < self::COLUMNS; $column++) {
                // A cell counts for as much of it as lies in the window, at the middle of that.
                [$from, $to] = [max($column, $left), min($column + 1, $left + $wide)];
                [$above, $below] = [max($row, $top), min($row + 1, $top + $high)];
                $weight = $bytes[$row * self::COLUMNS + $column] * max(0, $to - $from) * max(0, $below - $above);
                $mass += $weight;
                $x += ($weight * ($from + $to)) / 2;
                $y += ($weight * ($above + $below)) / 2;
            }
        }

        return $mass <= 0 ? [0.0, 0.0] : [(2 * ($x / $mass - $left)) / $wide - 1, (2 * ($y / $mass - $top)) / $high - 1];
    }
}
