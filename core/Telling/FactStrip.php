<?php

declare(strict_types=1);

namespace Planisher\Telling;

use Planisher\Lab\FileFormat;
use Planisher\Line\Side;
use Planisher\Measure\Figure;
use Planisher\Measure\Length;
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
        $placement = $plan->files[0]->placements[0];
        $file = $plan->files[0];
        $thin = Figure::THIN_SPACE;
        $scale = $plan->scale();
        $sides = $plan->cut->sides();
        $centimetres = $plan->sharpness->sharpFromInches() * 2.54;
        $unpacked = Figure::bytes($file->unpackedBytes());

        $layout = $plan->layout;
        $unit = $layout->paper->width->unit;

        return array_values(array_filter([
            [
                'figure' => Figure::pixels($placement->source->width, $placement->source->height),
                'note' => 'taken from '.Figure::count($placement->picture->width).' × '.Figure::count($placement->picture->height),
            ],
            [
                'figure' => Figure::decimal($plan->sharpness->ppi, 0)."{$thin}ppi at size",
                'note' => match (true) {
                    abs($scale - 1) < 0.0005 => 'its own pixels, not resampled',
                    $scale < 1 => "at {$file->resolution->label()}, reduced × ".Figure::decimal($scale, 2),
                    default => "at {$file->resolution->label()}, enlarged × ".Figure::decimal($scale, 2),
                },
            ],
            $layout->imageFillsPaper() ? null : [
                'figure' => 'Image '.Length::ofNanometres($layout->image->width, $unit)->number.' × '.Length::ofNanometres($layout->image->height, $unit)->label(),
                'note' => 'free: '.Sides::say($layout->margin(Side::Top), $layout->margin(Side::Right), $layout->margin(Side::Bottom), $layout->margin(Side::Left), $unit),
            ],
            $sides === '' && ! $layout->imageFillsPaper() ? null
                : ['figure' => $sides === '' ? 'Nothing cut' : Figure::percent($plan->cut->area).' cut', 'note' => $sides === '' ? 'the whole picture is printed' : $plan->cut->sidesShort()],
            $layout->carrier === null ? null : [
                'figure' => 'Trim to '.$layout->paper->label(),
                'note' => Sides::say($layout->surplus(Side::Top), $layout->surplus(Side::Right), $layout->surplus(Side::Bottom), $layout->surplus(Side::Left), $unit),
            ],
            $layout->carrier !== null && ! $layout->imageFillsPaper() ? null
                : ['figure' => 'Sharp from '.Figure::distance($centimetres), 'note' => 'to an eye of 1 arcminute'],
            [
                'figure' => Figure::pixels($file->width, $file->height),
                'note' => $file->encoding->label().($file->encoding->format === FileFormat::Tiff ? ", at most {$unpacked}" : ", {$unpacked} unpacked"),
            ],
        ]));
    }
}
