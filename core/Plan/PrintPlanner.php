<?php

declare(strict_types=1);

namespace Planisher\Plan;

use Planisher\Colour\Rgb;
use Planisher\Lab\LabCard;
use Planisher\Line\Fit;
use Planisher\Line\Keyline;
use Planisher\Line\Line;
use Planisher\Line\PrintFinish;
use Planisher\Line\Side;
use Planisher\Measure\PixelRect;
use Planisher\Measure\Resolution;
use Planisher\Measure\Size;
use Planisher\Naming\FileName;
use Planisher\Picture\PictureFacts;
use Planisher\Picture\Window;

/** Plans one picture on one piece of paper. */
final class PrintPlanner
{
    public static function plan(Line $line, PictureFacts $picture, LabCard $lab, FileName $name): Plan
    {
        [$crop, $print] = [$line->crop, $line->print];
        if ($crop === null || $print === null) {
            throw new \LogicException('A print planner needs a line that makes a print.');
        }
        $isWhole = $print->fit === Fit::Whole;
        $layout = Layout::upright(
            $crop,
            fn (Size $size): Layout => Layout::of($print, $size, $picture, $lab),
            fn (Layout $layout): float => $isWhole ? -$layout->room : Window::leastCut($picture, $layout->image->ratio()),
        );
        $window = $isWhole ? WindowChoice::whole($picture) : WindowChoice::filling($crop, $layout, $picture, $print->frameCover->nanometres);
        $resolution = $line->output->ownPixels ? Resolution::own($window->pixels->width, $layout->image->width) : $line->output->resolution ?? $lab->resolution;
        $placement = new Placement($picture, $window->pixels, self::imagePixels($line, $layout, $window->pixels, $resolution));
        $file = self::file($name->files()[0], $line, $print, $layout, $placement, $resolution, $lab);

        return Plan::of($line, $lab, $layout, $window, $picture, [$file], $file);
    }

    /**
     * The image in pixels from the paper's corner, so that they are the same on a carrier as without one. Edges that lie on
     * the paper's are its edges; an image with room on both sides has its own size rounded, so that it is squashed least.
     */
    private static function imagePixels(Line $line, Layout $layout, PixelRect $window, Resolution $resolution): PixelRect
    {
        [$left, $width] = self::span($layout->image->left, $layout->image->width, $layout->paper->width->nanometres, $resolution);
        [$top, $height] = self::span($layout->image->top, $layout->image->height, $layout->paper->height->nanometres, $resolution);

        return $line->output->ownPixels
            ? new PixelRect($left, $top, $window->width, $window->height)
            : new PixelRect($left, $top, $width, $height);
    }

    /** @return array{int, int} first pixel and how many, of a stretch of the paper's side or of one beyond both its ends */
    private static function span(int $from, int $length, int $side, Resolution $resolution): array
    {
        if ($from < 0) {
            $bleed = $resolution->pixelAt(-$from);

            return [-$bleed, $resolution->pixelAt($side) + 2 * $bleed];
        }
        $first = $resolution->pixelAt($from);
        $many = $from > 0 && $from + $length < $side ? $resolution->pixelAt($length) : $resolution->pixelAt($from + $length) - $first;

        return [$first, max(1, $many)];
    }

    private static function file(string $name, Line $line, PrintFinish $print, Layout $layout, Placement $placement, Resolution $resolution, LabCard $lab): PlannedFile
    {
        $image = $placement->target;
        $bleed = $resolution->pixelAt($layout->bleed);
        $beyond = fn (Side $side): int => $resolution->pixelAt(max(0, $layout->margin($side)));
        $spread = $layout->image->left < 0 ? $bleed : 0;
        // With its own pixels the image says how many there are, and the margins are added to it.
        $paper = $line->output->ownPixels
            ? new PixelRect(0, 0, $image->x + $image->width - $spread + $beyond(Side::Right), $image->y + $image->height - $spread + $beyond(Side::Bottom))
            : new PixelRect(0, 0, max(1, $layout->paper->width->px($resolution)), max(1, $layout->paper->height->px($resolution)));
        $sheet = $layout->carrier === null
            ? $paper
            : new PixelRect(
                -$resolution->pixelAt($layout->surplus(Side::Left)),
                -$resolution->pixelAt($layout->surplus(Side::Top)),
                max($paper->width, $layout->carrier->width->px($resolution)),
                max($paper->height, $layout->carrier->height->px($resolution)),
            );
        $sheet = new PixelRect($sheet->x - $bleed, $sheet->y - $bleed, $sheet->width + 2 * $bleed, $sheet->height + 2 * $bleed);
        $onSheet = fn (PixelRect $r): PixelRect => new PixelRect($r->x - $sheet->x, $r->y - $sheet->y, $r->width, $r->height);
        $paperOnSheet = $onSheet($paper);
        $imageOnSheet = $onSheet($image);

        return new PlannedFile(
            $name,
            $sheet->width,
            $sheet->height,
            $resolution,
            $layout->carrier === null ? $print->paperColour : Rgb::white(),
            $layout->carrier === null || $print->paperColour->equals(Rgb::white()) ? [] : [new Fill($paperOnSheet, $print->paperColour)],
            [new Placement($placement->picture, $placement->source, $imageOnSheet)],
            [
                ...($print->keyline === null ? [] : self::keyline($print->keyline, $spread === 0 ? $imageOnSheet : $paperOnSheet, $resolution)),
                ...($layout->carrier === null || ! $print->trimMarks ? [] : TrimTicks::round($paperOnSheet, $sheet->width, $sheet->height, $resolution)),
            ],
            Encoding::of($line, $lab, $resolution->ppi(), Sharpness::distance($layout->paper, $line->viewedFrom)),
        );
    }

    /**
     * Drawn inside the image's edge, at least a pixel wide.
     *
     * @return list<Fill>
     */
    private static function keyline(Keyline $keyline, PixelRect $image, Resolution $resolution): array
    {
        $wide = min(max(1, $keyline->width->px($resolution)), intdiv(min($image->width, $image->height) + 1, 2));
        [$right, $bottom] = [$image->x + $image->width - $wide, $image->y + $image->height - $wide];

        return array_map(fn (PixelRect $where): Fill => new Fill($where, $keyline->colour), [
            new PixelRect($image->x, $image->y, $image->width, $wide),
            new PixelRect($image->x, $bottom, $image->width, $wide),
            new PixelRect($image->x, $image->y, $wide, $image->height),
            new PixelRect($right, $image->y, $wide, $image->height),
        ]);
    }
}
