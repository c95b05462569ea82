<?php

declare(strict_types=1);

namespace Planisher\Telling;

use Planisher\Lab\FileFormat;
use Planisher\Line\Side;
use Planisher\Measure\Figure;
use Planisher\Measure\Length;
use Planisher\Plan\Layout;
use Planisher\Plan\PanelGrid;
use Planisher\Plan\Plan;
use Planisher\Plan\WorkedLine;

/** The facts under the drawing: a figure and what it means, each. */
final class FactStrip
{
    /** @return list<array{figure: string, note: string}> empty while there is no plan */
    public static function of(WorkedLine $worked): array
    {
        $plan = $worked->plan;
        if ($plan === null) {
            return [];
        }
        $layout = $plan->layout;
        $isPlain = $layout->wrap === null && $layout->grid === null;

        return array_values(array_filter([
            self::taken($plan),
            self::resolution($plan),
            $isPlain ? self::image($layout) : null,
            self::cut($plan),
            $layout->wrap === null ? null : self::wrap($layout),
            $layout->grid === null ? null : self::wall($worked, $layout, $layout->grid),
            $layout->carrier === null ? null : [
                'figure' => 'Trim to '.$layout->paper->label(),
                'note' => Sides::say($layout->surplus(Side::Top), $layout->surplus(Side::Right), $layout->surplus(Side::Bottom), $layout->surplus(Side::Left), $layout->paper->width->unit),
            ],
            $layout->carrier !== null && ! $layout->imageFillsPaper() ? null
                : ['figure' => 'Sharp from '.Figure::distance($plan->sharpness->sharpFromInches() * 2.54), 'note' => 'to an eye of 1 arcminute'],
            self::files($plan),
        ]));
    }

    /** @return array{figure: string, note: string} */
    private static function taken(Plan $plan): array
    {
        $placement = $plan->shown->placements[0];

        return [
            'figure' => Figure::pixels($placement->source->width, $placement->source->height),
            'note' => 'taken from '.Figure::count($placement->picture->width).' × '.Figure::count($placement->picture->height),
        ];
    }

    /** @return array{figure: string, note: string} */
    private static function resolution(Plan $plan): array
    {
        $scale = $plan->scale();
        $made = $plan->shown->resolution->label();

        return [
            'figure' => Figure::decimal($plan->sharpness->ppi, 0).Figure::THIN_SPACE.'ppi at size',
            'note' => match (true) {
                abs($scale - 1) < 0.0005 => 'its own pixels, not resampled',
                $scale < 1 => "at {$made}, reduced × ".Figure::decimal($scale, 2),
                default => "at {$made}, enlarged × ".Figure::decimal($scale, 2),
            },
        ];
    }

    /** @return ?array{figure: string, note: string} */
    private static function image(Layout $layout): ?array
    {
        $unit = $layout->paper->width->unit;

        return $layout->imageFillsPaper() ? null : [
            'figure' => 'Image '.Length::ofNanometres($layout->image->width, $unit)->number.' × '.Length::ofNanometres($layout->image->height, $unit)->label(),
            'note' => 'free: '.Sides::say($layout->margin(Side::Top), $layout->margin(Side::Right), $layout->margin(Side::Bottom), $layout->margin(Side::Left), $unit),
        ];
    }

    /** @return ?array{figure: string, note: string} */
    private static function cut(Plan $plan): ?array
    {
        return match (true) {
            $plan->cut->sides() !== '' => ['figure' => Figure::percent($plan->cut->area).' cut', 'note' => $plan->cut->sidesShort()],
            $plan->layout->imageFillsPaper() => ['figure' => 'Nothing cut', 'note' => 'the whole picture is printed'],
            default => null,
        };
    }

    /** @return array{figure: string, note: string} */
    private static function wrap(Layout $layout): array
    {
        $unit = $layout->paper->width->unit;
        [$sheet, $wrap] = [$layout->sheet(), $layout->wrap];

        return [
            'figure' => Length::ofNanometres($sheet->width, $unit)->number.' × '.Length::ofNanometres($sheet->height, $unit)->label().' of canvas',
            'note' => "face {$layout->paper->label()}, edge {$wrap?->typedDepth->label()}".($wrap?->spare > 0 ? ", spare {$wrap->typedSpare->label()}" : ''),
        ];
    }

    /** @return array{figure: string, note: string} */
    private static function wall(WorkedLine $worked, Layout $layout, PanelGrid $grid): array
    {
        $unit = $layout->paper->width->unit;
        $hung = $grid->hung();
        $largest = WallSize::largest($worked);

        return [
            'figure' => Length::ofNanometres($hung->width, $unit)->number.' × '.Length::ofNanometres($hung->height, $unit)->label().' on the wall',
            'note' => $largest === null ? count($grid->panels()).' panels' : "at most {$largest->label()} by picture and lab",
        ];
    }

    /** @return array{figure: string, note: string} */
    private static function files(Plan $plan): array
    {
        $file = $plan->files[0];
        $unpacked = Figure::bytes(array_sum(array_map(fn ($f): int => $f->unpackedBytes(), $plan->files)));
        $count = count($plan->files);
        $alike = count(array_unique(array_map(fn ($f): string => "{$f->width} {$f->height}", $plan->files))) === 1;

        return [
            'figure' => match (true) {
                $count === 1 => Figure::pixels($file->width, $file->height),
                $alike => "{$count} × ".Figure::pixels($file->width, $file->height),
                default => "{$count} files, ".Figure::pixels($plan->shown->width, $plan->shown->height),
            },
            'note' => $file->encoding->label().($file->encoding->format === FileFormat::Tiff ? ", at most {$unpacked}" : ", {$unpacked} unpacked"),
        ];
    }
}
