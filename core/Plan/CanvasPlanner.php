<?php

declare(strict_types=1);

namespace Planisher\Plan;

use Planisher\Colour\Rgb;
use Planisher\Lab\LabCard;
use Planisher\Line\Apart;
use Planisher\Line\CanvasFinish;
use Planisher\Line\Crop;
use Planisher\Line\EdgeFill;
use Planisher\Line\Line;
use Planisher\Measure\Length;
use Planisher\Measure\PixelRect;
use Planisher\Measure\Resolution;
use Planisher\Measure\Size;
use Planisher\Measure\Unit;
use Planisher\Naming\FileName;
use Planisher\Picture\PictureFacts;
use Planisher\Picture\Window;

/** Plans a picture that goes round its bars: the ordered size is the face, the edges come round it. */
final class CanvasPlanner
{
    /** Full softening is a Gaussian whose sigma is this share of the depth. */
    private const MOST_SIGMA = 1 / 8;

    /** What must stay in keeps this far from a fold. */
    public static function clearOfFold(): Length
    {
        return Length::of('5', Unit::Millimetre);
    }

    public static function plan(Line $line, PictureFacts $picture, LabCard $lab, FileName $name): Plan
    {
        [$crop, $canvas] = [$line->crop, $line->canvas];
        if ($crop === null || $canvas === null) {
            throw new \LogicException('A canvas planner needs a line that makes a canvas.');
        }
        $resolution = $line->output->resolution ?? $lab->resolution;
        $layout = self::layout($crop, $canvas, $picture, $lab, $resolution);
        $window = WindowChoice::filling($crop, $layout, $picture, self::clearOfFold()->nanometres);
        if ($line->output->ownPixels) {
            $resolution = Resolution::own($window->pixels->width, $layout->image->width);
            // Pixels and per cent of the edge are pixels of this file: its own resolution decides how deep they are.
            $layout = self::layout($crop, $canvas, $picture, $lab, $resolution);
            $window = WindowChoice::filling($crop, $layout, $picture, self::clearOfFold()->nanometres);
            $resolution = Resolution::own($window->pixels->width, $layout->image->width);
        }
        $placement = new Placement($picture, $window->pixels, self::imagePixels($line, $layout, $window->pixels, $resolution));
        $whole = self::together($line, $canvas, $layout, $placement, $resolution, $lab, $name->files()[0]);

        return Plan::of($line, $lab, $layout, $window, $picture, self::files($whole, $canvas->apartFor($lab->canvas), $name), $whole);
    }

    private static function layout(Crop $crop, CanvasFinish $canvas, PictureFacts $picture, LabCard $lab, Resolution $resolution): Layout
    {
        return Layout::upright(
            $crop,
            fn (Size $face): Layout => Layout::wrapped($face, Wrap::of($canvas, $face, $lab->canvas, $resolution), $canvas->edge === EdgeFill::RunsOn),
            fn (Layout $layout): float => Window::leastCut($picture, $layout->image->ratio()),
        );
    }

    /** The image in pixels from the face's corner. */
    private static function imagePixels(Line $line, Layout $layout, PixelRect $window, Resolution $resolution): PixelRect
    {
        $image = $layout->image;
        [$left, $top] = [$resolution->pixelAt($image->left), $resolution->pixelAt($image->top)];

        return $line->output->ownPixels
            ? new PixelRect($left, $top, $window->width, $window->height)
            : new PixelRect($left, $top, max(1, $resolution->pixelAt($image->right()) - $left), max(1, $resolution->pixelAt($image->bottom()) - $top));
    }

    /** Face and edges in one. */
    private static function together(Line $line, CanvasFinish $canvas, Layout $layout, Placement $placement, Resolution $resolution, LabCard $lab, string $name): PlannedFile
    {
        $wrap = $layout->wrap ?? throw new \LogicException('A canvas has a wrap.');
        $image = $placement->target;
        $runsOn = $canvas->edge === EdgeFill::RunsOn;
        [$left, $top] = $runsOn ? [-$image->x, -$image->y] : [-$resolution->pixelAt(-$wrap->around()), -$resolution->pixelAt(-$wrap->around())];
        $beyond = fn (int $side, int $pixels): int => $line->output->ownPixels
            ? $pixels + $resolution->pixelAt($wrap->around())
            : $resolution->pixelAt($side + $wrap->around());
        [$width, $height] = $runsOn
            ? [$image->width, $image->height]
            : [$left + $beyond($layout->paper->width->nanometres, $image->width), $top + $beyond($layout->paper->height->nanometres, $image->height)];
        $face = $runsOn
            ? new PixelRect($left, $top, max(1, $line->output->ownPixels ? $width - 2 * $left : $layout->paper->width->px($resolution)), max(1, $line->output->ownPixels ? $height - 2 * $top : $layout->paper->height->px($resolution)))
            : new PixelRect($left, $top, $image->width, $image->height);
        $depth = $wrap->depth / Unit::Inch->nanometres() * $resolution->ppi();

        return new PlannedFile(
            $name,
            $width,
            $height,
            $resolution,
            $canvas->edge === EdgeFill::OneColour ? $canvas->colour : Rgb::white(),
            [],
            [new Placement($placement->picture, $placement->source, new PixelRect($left + $image->x, $top + $image->y, $image->width, $image->height))],
            FoldTicks::round($face, $width, $height, $resolution->pixelAt($wrap->spare), $resolution),
            Encoding::of($line, $lab, $resolution->ppi(), Sharpness::distance($layout->paper, $line->viewedFrom)),
            $wrap->around() === 0 ? null : new Surround($face, $canvas->edge, max(1.0, $depth), $canvas->soften * $depth * self::MOST_SIGMA, $canvas->darken),
        );
    }

    /** @return non-empty-list<PlannedFile> */
    private static function files(PlannedFile $whole, ?Apart $apart, FileName $name): array
    {
        $surround = $whole->surround;
        if ($apart === null || $surround === null) {
            return [$whole];
        }
        $emptied = $whole->with(strokes: [...$whole->strokes, new Fill($surround->face, Rgb::white())]);
        $face = $surround->face;
        $placed = fn (PixelRect $at): array => array_map(fn (Placement $p): Placement => new Placement(
            $p->picture, $p->source, new PixelRect($p->target->x - $face->x + $at->x, $p->target->y - $face->y + $at->y, $p->target->width, $p->target->height),
        ), $whole->placements);

        return match ($apart) {
            Apart::Files => [
                $whole->with(width: $face->width, height: $face->height, paper: Rgb::white(), placements: $placed(new PixelRect(0, 0, $face->width, $face->height)), strokes: [], surround: null),
                $emptied->with(name: $name->files()[1]),
            ],
            Apart::Pages => [
                $whole->with(paper: Rgb::white(), strokes: self::blank($whole, $face), surround: null, nextPage: $emptied),
            ],
        };
    }

    /**
     * White over what of the picture goes beyond the face.
     *
     * @return list<Fill>
     */
    private static function blank(PlannedFile $file, PixelRect $face): array
    {
        [$right, $bottom] = [$face->x + $face->width, $face->y + $face->height];

        return array_map(fn (PixelRect $where): Fill => new Fill($where, Rgb::white()), array_values(array_filter([
            new PixelRect(0, 0, $file->width, $face->y),
            new PixelRect(0, $bottom, $file->width, $file->height - $bottom),
            new PixelRect(0, $face->y, $face->x, $face->height),
            new PixelRect($right, $face->y, $file->width - $right, $face->height),
        ], fn (PixelRect $r): bool => $r->area() > 0)));
    }
}
