<?php

declare(strict_types=1);

namespace Planisher\Finish\Panels;

use Planisher\Colour\Rgb;
use Planisher\Lab\LabCard;
use Planisher\Line\LineSpec;
use Planisher\Measure\Box;
use Planisher\Measure\PixelRect;
use Planisher\Measure\Size;
use Planisher\Naming\FileName;
use Planisher\Picture\PictureFacts;
use Planisher\Picture\Window;
use Planisher\Plan\Encoding;
use Planisher\Plan\Layer\GroundLayer;
use Planisher\Plan\Layer\PictureLayer;
use Planisher\Plan\Layout;
use Planisher\Plan\Overprint;
use Planisher\Plan\Part;
use Planisher\Plan\Plan;
use Planisher\Plan\PlannedFile;
use Planisher\Plan\Scale;
use Planisher\Plan\WindowChoice;
use Planisher\Studio\OrderContext;

/** Plans one picture across several panels: every file is cut out of the undivided print. */
final class PanelsPlanner
{
    /**
     * @param  LineSpec<PanelsWanted>  $line
     * @return Plan<PanelGrid>
     */
    public static function plan(LineSpec $line, PictureFacts $picture, LabCard $lab, FileName $name, OrderContext $orderContext): Plan
    {
        [$crop, $panels] = [$line->sized(), $line->wanted];
        $bleed = $lab->bleed->nanometres ?? 0;
        $layout = Layout::upright(
            $crop,
            fn (Size $size): Layout => self::divided($size, PanelGrid::of($panels, $size), $bleed),
            fn (Layout $layout): float => Window::leastCut($picture, $layout->image->ratio()),
        );
        $window = WindowChoice::filling($crop, $layout, $picture, 0);
        $scale = Scale::of($line, $lab, $window->pixels, $layout->image);
        $image = $scale->image($layout->image->pixels($scale->resolution), $window->pixels);
        $placed = new PictureLayer($picture, $window->pixels, $image);
        $encoding = Encoding::of($line, $lab, $scale->resolution, $layout->size);
        $added = Overprint::to($line, $layout, $picture, $orderContext);
        $cut = fn (Box $box, string $name): PlannedFile => self::file($box, $name, $layout, $placed, $scale, $encoding, $added);
        $panels = array_column($layout->own->panels(), 'box');
        $files = array_map($cut, $panels, $name->files());

        return new Plan(
            $layout,
            [Part::of($line, $lab, $picture, $layout->image, $layout->size, $window)],
            $files,
            $cut($layout->box(), $name->files()[0]),
            $added,
        );
    }

    /**
     * The picture goes on into the bleed of what is shared out.
     *
     * @return Layout<PanelGrid>
     */
    private static function divided(Size $whole, PanelGrid $grid, int $bleed): Layout
    {
        $image = Box::ofSize($whole)->grown($bleed);

        return new Layout($whole, $image, $image, $bleed, $grid);
    }

    /** A part of the undivided print, and the bleed round it, which is the picture going on. */
    private static function file(
        Box $box,
        string $name,
        Layout $layout,
        PictureLayer $placed,
        Scale $scale,
        Encoding $encoding,
        Overprint $added,
    ): PlannedFile {
        // With its own pixels the picture says how many there are; the last panel ends where it does.
        $part = $box->pixels($scale->resolution)->grown($scale->px($layout->bleed))->within($placed->target);

        $paper = $layout->box()->pixels($scale->resolution)->within($placed->target)->from($part);

        return new PlannedFile(
            $name,
            $part->width,
            $part->height,
            $scale->resolution,
            [
                new GroundLayer(PixelRect::ofSize($part->width, $part->height), Rgb::white()),
                $placed->to($placed->target->from($part)),
                ...$added->layers($paper, $paper, $scale->resolution),
            ],
            $encoding,
        );
    }
}
