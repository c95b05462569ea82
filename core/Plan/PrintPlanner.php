<?php

declare(strict_types=1);

namespace Planisher\Plan;

use Planisher\Colour\Rgb;
use Planisher\Lab\LabCard;
use Planisher\Line\Line;
use Planisher\Line\Turn;
use Planisher\Measure\PixelRect;
use Planisher\Measure\Resolution;
use Planisher\Measure\Size;
use Planisher\Picture\PictureFacts;
use Planisher\Picture\Window;

/** Plans one picture cropped to fill one piece of paper. */
final class PrintPlanner
{
    /** @param  string  $name of the file, ending included */
    public static function plan(Line $line, PictureFacts $picture, LabCard $lab, string $name): Plan
    {
        $print = $line->print ?? throw new \LogicException('A print planner needs a line that makes a print.');
        $paper = self::turn($print->size, $print->turn, $picture);
        $window = $print->window->on($picture, $paper->ratio());
        $own = Resolution::own($window->width, $paper->width);
        $resolution = $line->output->ownPixels ? $own : $line->output->resolution ?? $lab->resolution;
        $sheet = $line->output->ownPixels
            ? new PixelRect(0, 0, $window->width, $window->height)
            : new PixelRect(0, 0, max(1, $paper->width->px($resolution)), max(1, $paper->height->px($resolution)));

        $file = new PlannedFile(
            $name,
            $sheet->width,
            $sheet->height,
            $resolution,
            Rgb::white(),
            [new Placement($picture, $window, $sheet)],
            new Encoding(
                $line->output->colourFor($lab),
                $line->output->intent,
                $line->output->formatFor($lab),
                $line->output->qualityFor($lab),
                $line->output->bits,
            ),
        );
        $ppi = min($own->ppi(), Resolution::own($window->height, $paper->height)->ppi());

        return new Plan($paper, $window, Cut::by($window, $picture), Sharpness::judge($ppi, $paper, $lab), [$file]);
    }

    /** The way up that was asked for; auto takes the one that cuts less, and as typed when both cut the same. */
    private static function turn(Size $size, Turn $turn, PictureFacts $picture): Size
    {
        return match ($turn) {
            Turn::Portrait => $size->portrait(),
            Turn::Landscape => $size->landscape(),
            Turn::Auto => Window::leastCut($picture, $size->turned()->ratio()) < Window::leastCut($picture, $size->ratio())
                ? $size->turned()
                : $size,
        };
    }
}
