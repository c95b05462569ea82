<?php

declare(strict_types=1);

namespace Planisher\Finish\Canvas;

use Planisher\Colour\Rgb;
use Planisher\Lab\EdgeDelivery;
use Planisher\Lab\LabCard;
use Planisher\Line\Crop;
use Planisher\Line\LineSpec;
use Planisher\Measure\Box;
use Planisher\Measure\Length;
use Planisher\Measure\PixelRect;
use Planisher\Measure\Resolution;
use Planisher\Measure\Size;
use Planisher\Measure\Unit;
use Planisher\Naming\FileName;
use Planisher\Picture\PictureFacts;
use Planisher\Picture\Window;
use Planisher\Plan\Encoding;
use Planisher\Plan\Layer\EdgeFill;
use Planisher\Plan\Layer\GroundLayer;
use Planisher\Plan\Layer\Layer;
use Planisher\Plan\Layer\PictureLayer;
use Planisher\Plan\Layer\StrokeLayer;
use Planisher\Plan\Layer\SurroundLayer;
use Planisher\Plan\Layout;
use Planisher\Plan\Overprint;
use Planisher\Plan\Part;
use Planisher\Plan\Placement;
use Planisher\Plan\Plan;
use Planisher\Plan\PlannedFile;
use Planisher\Plan\Scale;
use Planisher\Plan\WindowChoice;
use Planisher\Studio\OrderContext;

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

    /**
     * @param  LineSpec<CanvasWanted>  $line
     * @return Plan<Wrap>
     */
    public static function plan(LineSpec $line, PictureFacts $picture, LabCard $lab, FileName $name, OrderContext $orderContext): Plan
    {
        [$crop, $canvas] = [$line->sized(), $line->wanted];
        $laidOut = function (Resolution $resolution) use ($crop, $canvas, $picture, $lab): array {
            $layout = self::layout($crop, $canvas, $picture, $lab, $resolution);

            return [$layout, WindowChoice::filling($crop, $layout, $picture, self::clearOfFold()->nanometres)];
        };
        [$layout, $window] = $laidOut(Scale::asked($line, $lab));
        $scale = Scale::of($line, $lab, $window->pixels, $layout->image);
        if ($scale->isOwn) {
            // Pixels and per cent of the edge are pixels of this file: its own resolution decides how deep they are.
            [$layout, $window] = $laidOut($scale->resolution);
            $scale = Scale::of($line, $lab, $window->pixels, $layout->image);
        }
        $image = $scale->image($layout->image->pixels($scale->resolution), $window->pixels);
        $encoding = Encoding::of($line, $lab, $scale->resolution, $layout->size);
        $added = Overprint::to($line, $layout, $picture, $orderContext);
        $placed = new PictureLayer($picture, $window->pixels, $image);
        $whole = self::together($canvas, $layout, $placed, $scale, $encoding, $name->files()[0], $added);

        return new Plan(
            $layout,
            [Part::of($line, $lab, $picture, $layout->image, $layout->size, $window)],
            self::files($whole, $canvas->apartFor($lab->canvas), $name),
            $whole,
            $added,
        );
    }

    /** @return Layout<Wrap> */
    private static function layout(Crop $crop, CanvasWanted $canvas, PictureFacts $picture, LabCard $lab, Resolution $resolution): Layout
    {
        return Layout::upright(
            $crop,
            fn (Size $face): Layout => self::wrapped($face, Wrap::of($canvas, $face, $lab->canvas, $resolution), $canvas->edge),
            fn (Layout $layout): float => Window::leastCut($picture, $layout->image->ratio()),
        );
    }

    /**
     * The picture on its face alone, or running on round the bar.
     *
     * @return Layout<Wrap>
     */
    private static function wrapped(Size $face, Wrap $wrap, EdgeFill $edge): Layout
    {
        $box = Box::ofSize($face);
        $sheet = $box->grown($wrap->around());

        return new Layout($face, $edge === EdgeFill::RunsOn ? $sheet : $box, $sheet, 0, $wrap);
    }

    /**
     * Face and edges in one.
     *
     * @param  PictureLayer  $placed  in pixels from the face's corner
     * @param  Layout<Wrap>  $layout
     */
    private static function together(
        CanvasWanted $canvas,
        Layout $layout,
        PictureLayer $placed,
        Scale $scale,
        Encoding $encoding,
        string $name,
        Overprint $added,
    ): PlannedFile {
        $wrap = $layout->own;
        $around = $wrap->around();
        $image = $placed->target;
        $file =
            $canvas->edge === EdgeFill::RunsOn
                ? $image
                : PixelRect::edges(
                    $scale->px(-$around),
                    $scale->px(-$around),
                    self::beyond($scale, $image->width, $layout->size->width, $around),
                    self::beyond($scale, $image->height, $layout->size->height, $around),
                );
        $face =
            $canvas->edge === EdgeFill::RunsOn
                ? PixelRect::ofSize(
                    self::between($scale, $file->width, -$file->x, $layout->size->width),
                    self::between($scale, $file->height, -$file->y, $layout->size->height),
                )
                : $image;
        [$whole, $face] = [PixelRect::ofSize($file->width, $file->height), $face->from($file)];
        $depth = ($wrap->depth / Unit::Inch->nanometres()) * $scale->resolution->ppi();
        $surround = new SurroundLayer(
            $whole,
            $face,
            $canvas->edge,
            max(1.0, $depth),
            $canvas->soften * $depth * self::MOST_SIGMA,
            $canvas->darken,
        );

        return new PlannedFile(
            $name,
            $file->width,
            $file->height,
            $scale->resolution,
            [
                new GroundLayer($whole, $canvas->edge === EdgeFill::OneColour ? $canvas->colour : Rgb::white()),
                $placed->to($image->from($file)),
                ...$around === 0 ? [] : [$surround],
                ...$added->layers($face, $face, $scale->resolution), // over the edges, which repeat the face without them
                ...FoldTicks::round($face, $whole, $scale->px($wrap->spare), $scale->resolution),
            ],
            $encoding,
        );
    }

    /** Where a file ends, from the face's edge: its image's own pixels decide, or the lengths. */
    private static function beyond(Scale $scale, int $image, Length $side, int $around): int
    {
        return $scale->isOwn ? $image + $scale->px($around) : $scale->px($side->nanometres + $around);
    }

    /** How long a face's side is between edges of an image that runs on round it. */
    private static function between(Scale $scale, int $image, int $edge, Length $side): int
    {
        return max(1, $scale->isOwn ? $image - 2 * $edge : $scale->px($side->nanometres));
    }

    /** @return non-empty-list<PlannedFile> */
    private static function files(PlannedFile $whole, ?EdgeDelivery $apart, FileName $name): array
    {
        $face = $whole->surround()?->face;
        if ($apart === null || $face === null) {
            return [$whole];
        }
        $white = fn (PixelRect $where): GroundLayer => new GroundLayer($where, Rgb::white());
        $emptied = $whole->with(layers: [...$whole->layers, new StrokeLayer($face, Rgb::white())]);
        $pictures = $whole->pictures();
        $over = [...$whole->overlays(), ...$whole->words()];
        $fromFace = new Placement($whole->whole(), -$face->x, -$face->y);

        return match ($apart) {
            EdgeDelivery::Files => [
                $whole->with(
                    width: $face->width,
                    height: $face->height,
                    layers: [
                        $white(PixelRect::ofSize($face->width, $face->height)),
                        ...array_map(fn (PictureLayer $placed): PictureLayer => $placed->to($placed->target->from($face)), $pictures),
                        ...array_map(fn (Layer $layer): Layer => $layer->laid($fromFace), $over),
                    ],
                ),
                $emptied->with(name: $name->files()[1]),
            ],
            EdgeDelivery::Pages => [
                $whole->with(
                    layers: [
                        $white($whole->whole()),
                        ...$pictures,
                        // White over what of the picture goes beyond the face
                        ...array_map(
                            fn (PixelRect $band): StrokeLayer => new StrokeLayer($band, Rgb::white()),
                            $whole->whole()->bands($face),
                        ),
                        ...$over,
                    ],
                    nextPage: $emptied,
                ),
            ],
        };
    }
}
