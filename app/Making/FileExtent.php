<?php

declare(strict_types=1);

namespace App\Making;

use Planisher\Plan\PlannedFile;

/** Which part of its first picture a file shows: of panels each its own, so that they are told apart at a glance. */
final class FileExtent
{
    /** @return ?array{window: array{x: float, y: float, width: float, height: float}, width: int, height: int} in pixels of the picture */
    public static function of(PlannedFile $file): ?array
    {
        $placed = $file->pictures()[0] ?? null;
        if ($placed === null || $placed->isTurned) {
            return null;
        }
        [$from, $to] = [$placed->source, $placed->target];
        // what lands beyond the file's edges isn't in it
        $across = fn (float $at): float => max(0, min(1, ($at - $to->x) / $to->width));
        $down = fn (float $at): float => max(0, min(1, ($at - $to->y) / $to->height));
        [$left, $right, $top, $bottom] = [$across(0), $across($file->width), $down(0), $down($file->height)];

        return [
            'window' => [
                'x' => round($from->x + $left * $from->width, 1),
                'y' => round($from->y + $top * $from->height, 1),
                'width' => round(($right - $left) * $from->width, 1),
                'height' => round(($bottom - $top) * $from->height, 1),
            ],
            'width' => $placed->picture->width,
            'height' => $placed->picture->height,
        ];
    }
}
