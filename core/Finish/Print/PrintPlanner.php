<?php

declare(strict_types=1);

namespace Planisher\Finish\Print;

use Planisher\Colour\Rgb;
use Planisher\Lab\LabCard;
use Planisher\Line\LineSpec;
use Planisher\Measure\PixelRect;
use Planisher\Measure\Side;
use Planisher\Measure\Size;
use Planisher\Naming\FileName;
use Planisher\Picture\PictureFacts;
use Planisher\Picture\Window;
use Planisher\Plan\Encoding;
use Planisher\Plan\Layer\GroundLayer;
use Planisher\Plan\Layer\PictureLayer;
use Planisher\Plan\Layer\StrokeLayer;
use Planisher\Plan\Layout;
use Planisher\Plan\Overprint;
use Planisher\Plan\Part;
use Planisher\Plan\Placement;
use Planisher\Plan\Plan;
use Planisher\Plan\PlannedFile;
use Planisher\Plan\Scale;
use Planisher\Plan\TrimTicks;
use Planisher\Plan\WindowChoice;
use Planisher\Studio\OrderContext;

/** Plans one picture on one piece of paper. */
final class PrintPlanner
{
    /**
     * @param  ?\Closure(Size): PixelRect  $paper  of a cell: the pixels that its paper has where it is laid, by its size the way up it
     *                                            is used; null where its size says it
     * @param  LineSpec<PrintWanted>  $line
     * @return Plan<PrintLayout>
     */
    public static function plan(
        LineSpec $line,
        PictureFacts $picture,
        LabCard $lab,
        FileName $name,
        OrderContext $orderContext,
        ?\Closure $paper = null,
    ): Plan {
        [$crop, $print] = [$line->sized(), $line->wanted];
        $isWhole = $print->fit === Fit::Whole;
        $layout = Layout::upright(
            $crop,
            fn (Size $size): Layout => PrintLayout::of($print, $size, $picture, $lab),
            fn (Layout $layout): float => $isWhole ? -$layout->own->room : Window::leastCut($picture, $layout->image->ratio()),
        );
        $window = $isWhole
            ? WindowChoice::whole($picture)
            : WindowChoice::filling($crop, $layout, $picture, $print->framed()->nanometres, $layout->own->opening);
        $scale = Scale::of($line, $lab, $window->pixels, $layout->image);
        $encoding = Encoding::of($line, $lab, $scale->resolution, $layout->size);
        $pixels =
            $paper === null
                ? PixelRect::ofSize(
                    max(1, $scale->px($layout->size->width->nanometres)),
                    max(1, $scale->px($layout->size->height->nanometres)),
                )
                : $paper($layout->size);
        $own = $layout->own;
        $surplus = $own->carrier === null ? null : $layout->sheet->grown(-$layout->bleed);
        $added = Overprint::to($line, $layout, $picture, $orderContext, $surplus);
        $bare = self::print($name->files()[0], $print, $layout, $pixels, $picture, $window->pixels, $scale, $encoding, $added);
        $file = $own->carrier === null ? $bare : self::carried($bare, $print->trimMarks, $layout->bleed, $own, $own->carrier, $scale);

        return new Plan($layout, [Part::of($line, $lab, $picture, $layout->image, $layout->size, $window)], [$file], $file, $added);
    }

    /**
     * The print on its own paper, and round that the bleed, where there is no larger sheet to have it.
     *
     * @param  Layout<PrintLayout>  $layout
     */
    private static function print(
        string $name,
        PrintWanted $print,
        Layout $layout,
        PixelRect $rounded,
        PictureFacts $picture,
        PixelRect $window,
        Scale $scale,
        Encoding $encoding,
        Overprint $added,
    ): PlannedFile {
        $image = self::image($layout, $rounded, $window, $scale);
        $bleed = $scale->px($layout->bleed);
        $spreads = $layout->image->x < 0;
        $spread = $spreads ? $bleed : 0;
        $beyond = fn (Side $side): int => $scale->px(max(0, $layout->margin($side)));
        // With its own pixels the image says how many there are, and the margins are added to it.
        $paper = $scale->isOwn
            ? PixelRect::ofSize($image->right() - $spread + $beyond(Side::Right), $image->bottom() - $spread + $beyond(Side::Bottom))
            : $rounded;
        $file = $layout->own->carrier === null ? $paper->grown($bleed) : $paper;
        $within = fn (PixelRect $of): PixelRect => $of->from($file);

        return new PlannedFile(
            $name,
            $file->width,
            $file->height,
            $scale->resolution,
            [
                new GroundLayer($within($file), $print->paperColour),
                new PictureLayer($picture, $window, $within($image)),
                ...$print->keyline === null ? [] : self::keyline($print->keyline, $within($spreads ? $paper : $image), $scale),
                ...$added->layers($within($paper), $within($spreads ? $paper : $image), $scale->resolution),
            ],
            $encoding,
        );
    }

    /** A carrier is a sheet with one cell: the print, as it is by itself, and ticks that say where to cut it out. */
    private static function carried(
        PlannedFile $print,
        bool $marks,
        int $bleed,
        PrintLayout $layout,
        Size $carrier,
        Scale $scale,
    ): PlannedFile {
        $bleed = $scale->px($bleed);
        $sheet = PixelRect::ofSize(
            max($print->width, $scale->px($carrier->width->nanometres)) + 2 * $bleed,
            max($print->height, $scale->px($carrier->height->nanometres)) + 2 * $bleed,
        );
        $laid = new Placement(
            $print->whole(),
            $scale->px($layout->surplus(Side::Left)) + $bleed,
            $scale->px($layout->surplus(Side::Top)) + $bleed,
        );

        return $print->with(
            width: $sheet->width,
            height: $sheet->height,
            layers: [
                new GroundLayer($sheet, Rgb::white()),
                ...$print->on($laid, Rgb::white()),
                ...$marks ? TrimTicks::round($laid->place(), $sheet, $scale->resolution) : [],
            ],
        );
    }

    /**
     * The image in pixels from the paper's corner, so that they are the same on a carrier as without one. Edges that lie on
     * the paper's are its edges; an image with room on both sides has its own size rounded, so that it is squashed least.
     */
    private static function image(Layout $layout, PixelRect $paper, PixelRect $window, Scale $scale): PixelRect
    {
        [$image, $size] = [$layout->image, $layout->size];
        [$left, $width] = self::span($image->x, $image->width, $size->width->nanometres, $paper->width, $scale);
        [$top, $height] = self::span($image->y, $image->height, $size->height->nanometres, $paper->height, $scale);

        return $scale->image(new PixelRect($left, $top, $width, $height), $window);
    }

    /** @return array{int, int} first pixel and how many, of a stretch of the paper's side or of one beyond both its ends */
    private static function span(int $from, int $length, int $side, int $pixels, Scale $scale): array
    {
        if ($from < 0) {
            $bleed = $scale->px(-$from);

            return [-$bleed, $pixels + 2 * $bleed];
        }
        $first = $scale->px($from);
        $many = match (true) {
            $from > 0 && $from + $length < $side => $scale->px($length),
            $from + $length < $side => $scale->px($from + $length) - $first,
            default => $pixels - $first,
        };

        return [$first, max(1, $many)];
    }

    /**
     * Drawn inside the image's edge, at least a pixel wide.
     *
     * @return list<StrokeLayer>
     */
    private static function keyline(Keyline $keyline, PixelRect $image, Scale $scale): array
    {
        $wide = min(max(1, $scale->px($keyline->width->nanometres)), intdiv(min($image->width, $image->height) + 1, 2));

        return array_map(fn (PixelRect $where): StrokeLayer => new StrokeLayer($where, $keyline->colour), [
            new PixelRect($image->x, $image->y, $image->width, $wide),
            new PixelRect($image->x, $image->bottom() - $wide, $image->width, $wide),
            new PixelRect($image->x, $image->y, $wide, $image->height),
            new PixelRect($image->right() - $wide, $image->y, $wide, $image->height),
        ]);
    }
}
