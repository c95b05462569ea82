<?php

declare(strict_types=1);

namespace Planisher\Plan;

use Planisher\Colour\Rgb;
use Planisher\Colour\Strength;
use Planisher\Measure\Box;
use Planisher\Measure\PixelRect;
use Planisher\Measure\PixelSize;
use Planisher\Overlay\LaidOverlay;
use Planisher\Overlay\Overlay as Wanted;
use Planisher\Picture\PictureFacts;
use Planisher\Plan\Layer\GroundLayer;
use Planisher\Plan\Layer\Layer;
use Planisher\Plan\Layer\OverlayLayer;
use Planisher\Plan\Layer\PictureLayer;
use Planisher\Plan\Layer\SurroundLayer;
use Planisher\Screen\ScreenCopy;
use Planisher\Studio\OrderContext;

/** Plans copies for a screen of what will be printed: what is left of it once it is trimmed, small. */
final class ScreenCopies
{
    /**
     * @param  non-empty-list<string>  $names  with their endings, as many as there are pieces
     * @param  bool  $isEachFile  a copy of each file, not of what they are cut from
     * @return non-empty-list<PlannedFile>
     */
    public static function of(Plan $plan, ScreenCopy $wanted, array $names, OrderContext $orderContext, bool $isEachFile): array
    {
        $copies = [];
        foreach ($isEachFile ? $plan->files : [$plan->shown] as $at => $file) {
            $copies[] = self::copy(
                $file,
                self::trimmed($plan->layout, $file, $isEachFile),
                $wanted,
                $names[$at] ?? $names[0],
                $orderContext,
            );
        }

        return $copies;
    }

    /**
     * All of what is looked at, in colours of a screen, to be made small.
     *
     * @param  list<Wanted>  $overlays  over what stays when it is trimmed
     */
    public static function shown(Plan $plan, array $overlays, OrderContext $orderContext): PlannedFile
    {
        $file = $plan->shown;
        $part = self::trimmed($plan->layout, $file, isEachFile: false);
        $laid = new Placement(PixelRect::ofSize($part->width, $part->height), $part->x, $part->y);
        $marks = self::overlays($overlays, PixelRect::ofSize($part->width, $part->height), $orderContext);

        $over = array_map(fn (OverlayLayer $mark): OverlayLayer => $mark->laid($laid), $marks);

        return $file->with(
            layers: [...array_map(self::plain(...), $file->layers), ...$over],
            encoding: ScreenEncoding::of(ScreenCopy::USUAL_QUALITY, Strength::None),
            isForScreen: true,
        );
    }

    /** What stays when the lab has trimmed it, in the file: no larger sheet, no bleed, no edge that goes round a bar. */
    private static function trimmed(Layout $layout, PlannedFile $file, bool $isEachFile): PixelRect
    {
        if ($isEachFile) {
            return $file->whole()->grown(-$file->resolution->pixelAt($layout->bleed));
        }

        return $layout->box()->from($layout->sheet)->pixels($file->resolution)->within($file->whole());
    }

    private static function copy(
        PlannedFile $file,
        PixelRect $part,
        ScreenCopy $wanted,
        string $name,
        OrderContext $orderContext,
    ): PlannedFile {
        $scales = array_map(fn (PictureLayer $placed): float => $placed->scale(), $file->pictures());
        // A picture has no more pixels than it has: it is never enlarged for a screen.
        $scale = min($wanted->longSide / max($part->width, $part->height), $scales === [] ? 1.0 : 1 / max($scales));
        $whole = PixelRect::ofSize(max(1, (int) round($part->width * $scale)), max(1, (int) round($part->height * $scale)));
        $laid = new Placement($file->whole(), -$part->x, -$part->y);
        $layers = [new GroundLayer($whole, self::groundUnder($file, $part))];
        foreach (array_slice($file->layers, 1) as $layer) {
            if (! ($layer instanceof SurroundLayer) && $layer->where()->meets($part)) {
                $layers[] = self::plain($layer)->laid($laid)->small($scale, $whole);
            }
        }

        return new PlannedFile(
            $name,
            $whole->width,
            $whole->height,
            PixelSize::resolution(),
            [...$layers, ...self::overlays($wanted->overlays, $whole, $orderContext)],
            ScreenEncoding::of($wanted->quality, $wanted->isSharpened ? Strength::Normal : Strength::None),
            isForScreen: true,
        );
    }

    private static function groundUnder(PlannedFile $file, PixelRect $part): Rgb
    {
        $colour = Rgb::white();
        foreach ($file->grounds() as $ground) {
            $colour = $part->liesIn($ground->where) ? $ground->colour : $colour;
        }

        return $colour;
    }

    private static function plain(Layer $layer): Layer
    {
        return $layer instanceof PictureLayer ? $layer->unlifted() : $layer;
    }

    /**
     * @param  list<Wanted>  $wanted
     * @return list<OverlayLayer>
     */
    private static function overlays(array $wanted, PixelRect $whole, OrderContext $orderContext): array
    {
        $resolution = PixelSize::resolution();
        $image = new Box(0, 0, $resolution->lengthOf($whole->width), $resolution->lengthOf($whole->height));
        $laid = [];
        foreach ($wanted as $overlay) {
            $mark = $orderContext->mark($overlay->picture);
            if ($mark instanceof PictureFacts) {
                $place = LaidOverlay::over($image, $overlay, $mark)->box->pixels($resolution)->movedInto($whole);
                $laid[] = new OverlayLayer($mark, $place, $overlay->strength);
            }
        }

        return $laid;
    }
}
