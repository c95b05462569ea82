<?php

declare(strict_types=1);

namespace Planisher\Finish\ForScreen;

use Planisher\Colour\Rgb;
use Planisher\Colour\Strength;
use Planisher\Lab\LabCard;
use Planisher\Line\LineSpec;
use Planisher\Measure\Box;
use Planisher\Measure\PixelRect;
use Planisher\Measure\PixelSize;
use Planisher\Measure\Ratio;
use Planisher\Naming\FileName;
use Planisher\Picture\PictureFacts;
use Planisher\Plan\Layer\GroundLayer;
use Planisher\Plan\Layer\PictureLayer;
use Planisher\Plan\Layout;
use Planisher\Plan\Overprint;
use Planisher\Plan\Part;
use Planisher\Plan\Plan;
use Planisher\Plan\PlannedFile;
use Planisher\Plan\ScreenEncoding;
use Planisher\Plan\WindowChoice;
use Planisher\Screen\ScreenCopy;
use Planisher\Studio\OrderContext;

/** Plans a copy of a picture for a screen. It is never larger than the picture. */
final class ScreenPlanner
{
    /**
     * @param  LineSpec<ScreenWanted>  $line
     * @return Plan<ScreenLayout>
     */
    public static function plan(LineSpec $line, PictureFacts $picture, LabCard $lab, FileName $name, OrderContext $orderContext): Plan
    {
        $wanted = $line->wanted;
        $window =
            $wanted->shape === null
                ? WindowChoice::whole($picture)
                : WindowChoice::of($wanted->window, Ratio::of($wanted->shape->width, $wanted->shape->height), $picture);
        $pixels = self::pixels($wanted, $window->pixels);
        $size = $pixels->onPaper();
        $box = Box::ofSize($size);
        $layout = new Layout($size, $box, $box, 0, new ScreenLayout($pixels));
        $whole = PixelRect::ofSize($pixels->width, $pixels->height);
        $added = Overprint::to($line, $layout, $picture, $orderContext);
        $file = new PlannedFile(
            $name->files()[0],
            $pixels->width,
            $pixels->height,
            PixelSize::resolution(),
            [
                new GroundLayer($whole, Rgb::white()),
                new PictureLayer($picture, $window->pixels, $whole),
                ...$added->layers($whole, $whole, PixelSize::resolution()),
            ],
            ScreenEncoding::of(
                $line->output->quality ?? ScreenCopy::USUAL_QUALITY,
                $line->output->sharpen->strength ?? Strength::None,
                $line->output->keep,
            ),
            isForScreen: true,
        );

        return new Plan($layout, [Part::of($line, $lab, $picture, $box, $size, $window)], [$file], $file, $added);
    }

    private static function pixels(ScreenWanted $wanted, PixelRect $window): PixelSize
    {
        $shape = $wanted->shape;
        if ($shape === null) {
            return PixelSize::within($wanted->longSide, $window->width, $window->height);
        }
        $scale = min(1.0, $window->width / $shape->width, $window->height / $shape->height);

        return $scale === 1.0
            ? $shape
            : new PixelSize(max(1, (int) floor($shape->width * $scale)), max(1, (int) floor($shape->height * $scale)));
    }
}
