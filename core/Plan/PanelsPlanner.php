<?php

declare(strict_types=1);

namespace Planisher\Plan;

use Planisher\Colour\Rgb;
use Planisher\Lab\LabCard;
use Planisher\Line\Line;
use Planisher\Measure\Box;
use Planisher\Measure\PixelRect;
use Planisher\Measure\Resolution;
use Planisher\Measure\Size;
use Planisher\Naming\FileName;
use Planisher\Picture\PictureFacts;
use Planisher\Picture\Window;

/** Plans one picture across several panels: every file is cut out of the undivided print. */
final class PanelsPlanner
{
    public static function plan(Line $line, PictureFacts $picture, LabCard $lab, FileName $name): Plan
    {
        [$crop, $panels] = [$line->crop, $line->panels];
        if ($crop === null || $panels === null) {
            throw new \LogicException('A panels planner needs a line that makes panels.');
        }
        $bleed = $lab->bleed->nanometres ?? 0;
        $layout = Layout::upright(
            $crop,
            fn (Size $size): Layout => Layout::divided($size, PanelGrid::of($panels, $size), $bleed),
            fn (Layout $layout): float => Window::leastCut($picture, $layout->image->ratio()),
        );
        $window = WindowChoice::filling($crop, $layout, $picture, 0);
        $resolution = $line->output->ownPixels ? Resolution::own($window->pixels->width, $layout->image->width) : $line->output->resolution ?? $lab->resolution;
        $image = self::pixels($layout->image, $resolution);
        $placement = new Placement($picture, $window->pixels, $line->output->ownPixels ? new PixelRect($image->x, $image->y, $window->pixels->width, $window->pixels->height) : $image);
        $cut = fn (Box $box, string $name): PlannedFile => self::file($box, $name, $line, $layout, $placement, $resolution, $lab);
        $files = array_map(fn (Panel $panel, string $name): PlannedFile => $cut($panel->box, $name), $layout->grid?->panels() ?? [], $name->files());

        return Plan::of($line, $lab, $layout, $window, $picture, $files ?: throw new \LogicException('A set has a panel.'), $cut($layout->box(), $name->files()[0]));
    }

    /** A part of the undivided print, and the bleed round it, which is the picture going on. */
    private static function file(Box $box, string $name, Line $line, Layout $layout, Placement $placement, Resolution $resolution, LabCard $lab): PlannedFile
    {
        $part = self::pixels($box, $resolution);
        $bleed = $resolution->pixelAt($layout->bleed);
        $image = $placement->target;
        // With its own pixels the picture says how many there are; the last panel ends where it does.
        $right = min($part->x + $part->width + $bleed, $image->x + $image->width);
        $bottom = min($part->y + $part->height + $bleed, $image->y + $image->height);
        [$left, $top] = [max($part->x - $bleed, $image->x), max($part->y - $bleed, $image->y)];

        return new PlannedFile(
            $name,
            max(1, $right - $left),
            max(1, $bottom - $top),
            $resolution,
            Rgb::white(),
            [],
            [new Placement($placement->picture, $placement->source, new PixelRect($image->x - $left, $image->y - $top, $image->width, $image->height))],
            [],
            Encoding::of($line, $lab, $resolution->ppi(), Sharpness::distance($layout->paper, $line->viewedFrom)),
        );
    }

    /** Edges are rounded, not sizes, so that panels join. */
    private static function pixels(Box $box, Resolution $resolution): PixelRect
    {
        [$left, $top] = [$resolution->pixelAt($box->left), $resolution->pixelAt($box->top)];

        return new PixelRect($left, $top, max(1, $resolution->pixelAt($box->right()) - $left), max(1, $resolution->pixelAt($box->bottom()) - $top));
    }
}
