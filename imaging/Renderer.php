<?php

declare(strict_types=1);

namespace Planisher\Imaging;

use Planisher\Colour\Channels;
use Planisher\Colour\Intent;
use Planisher\Colour\Rgb;
use Planisher\Colour\Space;
use Planisher\Colour\ToneCurve;
use Planisher\Imaging\Vips\Image;
use Planisher\Measure\PixelRect;
use Planisher\Picture\PictureFacts;
use Planisher\Plan\Encoding;
use Planisher\Plan\Fill;
use Planisher\Plan\Placement;
use Planisher\Plan\PlannedFile;

/**
 * Executes a planned file: crop → scale → turn upright → convert (before enlarging) → edges, or paper and sheet → strokes, as one stream that
 * is computed when it is written.
 * The picture is read once from top to bottom, so memory does not grow with it; what has to be read again is held by Source.
 */
final class Renderer
{
    /** VipsIntent */
    private const INTENTS = ['perceptual' => 0, 'relative' => 1];

    /** VipsKernel: lanczos3, the sharpest for reducing photographs; measured in docs/imaging.md. */
    private const LANCZOS3 = 5;

    /** VipsKernel: linear, a third quicker and good enough for a screen. */
    public const QUICK = 1;

    /** Differences of lightness below this are grain, not detail (x1 of vips_sharpen, in L*). */
    private const NO_SHARPENING_BELOW = 0.5;

    /** VipsExtend: the background goes on outside. */
    private const EXTEND_BACKGROUND = 5;

    /**
     * @param  Source|string  $source  of the file's placement: its path, or what the files of a set share
     * @param  int  $kernel  what it is reduced with
     *
     * @throws \Planisher\Imaging\Vips\VipsError
     */
    public static function compose(PlannedFile $file, Source|string $source, int $kernel = self::LANCZOS3): Image
    {
        $source = is_string($source) ? new Source($source, $file->readsAgain()) : $source;
        $page = self::page($file, $source, $kernel);

        return $file->nextPage === null ? $page : $page->above(self::page($file->nextPage, $source, $kernel));
    }

    private static function page(PlannedFile $file, Source $source, int $kernel): Image
    {
        $where = $file->placements[0]->target;
        $image = $source->placed($file->placements[0], $file, $kernel);
        $whole = new PixelRect(0, 0, $file->width, $file->height);
        if ($file->surround !== null) {
            [$image, $where] = [Edges::round($image, $file, $file->surround), $whole];
        } elseif (! self::within($where, $whole)) {
            $image = $image->run('crop', [-$where->x, -$where->y, $file->width, $file->height]); // a panel: a part of the undivided print
            $where = $whole;
        }
        foreach ($file->strokes as $stroke) {
            if (self::within($stroke->where, $where)) {
                $image = self::paint(
                    $image,
                    new Fill(
                        new PixelRect(
                            $stroke->where->x - $where->x,
                            $stroke->where->y - $where->y,
                            $stroke->where->width,
                            $stroke->where->height,
                        ),
                        $stroke->colour,
                    ),
                    $file->encoding,
                );
            }
        }
        if ($where->width === $file->width && $where->height === $file->height) {
            return $image;
        }
        $sheet = self::sheet($image, $file);
        foreach ($file->strokes as $stroke) {
            if (! self::within($stroke->where, $where)) {
                $sheet = self::paint($sheet, $stroke, $file->encoding);
            }
        }

        return $sheet;
    }

    /** A colour as its codes in the file's space, at the file's bits. @return list<float> */
    public static function codes(Rgb $colour, Encoding $encoding): array
    {
        if ($colour->equals(Rgb::white())) {
            return array_fill(0, 3, 2.0 ** $encoding->bits - 1); // white is no ink at all; 16-bit conversion is two codes off it
        }
        $pixel = Image::fromPixels(pack('C3', ...array_map(intval(...), $colour->codes())), 1, 1, 3)->run(
            'copy',
            options: ['interpretation' => Image::SPACE_SRGB],
        );
        // A colour that was chosen is that colour: what lifts the picture for its paper doesn't touch it.
        $bytes = self::intoSpace(
            $pixel,
            $encoding->with(tone: new ToneCurve()),
            embedded: false,
            from: Profiles::path(Space::Srgb),
        )->pixels();

        return array_map(floatval(...), array_values((array) unpack($encoding->bits === 16 ? 'S3' : 'C3', $bytes)));
    }

    /** The image laid on its paper, and that on its sheet. */
    private static function sheet(Image $image, PlannedFile $file): Image
    {
        $at = $file->placements[0]->target;
        foreach ([...$file->fills, new Fill(new PixelRect(0, 0, $file->width, $file->height), $file->paper)] as $ground) {
            $image = $image->run(
                'embed',
                [$at->x - $ground->where->x, $at->y - $ground->where->y, $ground->where->width, $ground->where->height],
                [
                    'extend' => self::EXTEND_BACKGROUND,
                    'background' => self::codes($ground->colour, $file->encoding),
                ],
            );
            $at = $ground->where;
        }

        return $image;
    }

    private static function paint(Image $on, Fill $fill, Encoding $encoding): Image
    {
        $colour = Image::plain($fill->where->width, $fill->where->height, self::codes($fill->colour, $encoding), like: $on);

        return $on->inserted($colour, $fill->where->x, $fill->where->y);
    }

    private static function within(PixelRect $inner, PixelRect $outer): bool
    {
        return $inner->x >= $outer->x &&
            $inner->y >= $outer->y &&
            $inner->x + $inner->width <= $outer->x + $outer->width &&
            $inner->y + $inner->height <= $outer->y + $outer->height;
    }

    /**
     * Into the target space, always by conversion, its lightness lifted for the paper on the way; only pixels that are in
     * exactly that space already and stay as they are are left alone.
     */
    public static function convert(Image $image, PictureFacts $picture, Encoding $encoding): Image
    {
        $usable = $picture->saysItsColours();
        $bits = $image->format() === Image::FORMAT_16_BIT ? 16 : 8;
        $target = Profiles::bytes(Profiles::target($encoding));
        $is = $usable ? $image->blob('icc-profile-data') : ($picture->channels === Channels::Rgb ? Profiles::bytes(Space::Srgb) : null);
        if ($is === $target && $bits >= $encoding->bits && $encoding->tone->isStraight()) {
            $image = $bits > $encoding->bits ? $image->run('colourspace', [Image::SPACE_SRGB]) : $image;

            return $image->withBlob('icc-profile-data', $target);
        }
        if (! $usable) {
            $image = $image->without('icc-profile-data');
            if ($picture->channels === Channels::Grey) {
                $image = $image->run('colourspace', [$bits === 16 ? Image::SPACE_RGB16 : Image::SPACE_SRGB]);
            }
        }

        return self::intoSpace($image, $encoding, $usable, $picture->channels === Channels::Cmyk ? 'cmyk' : Profiles::path(Space::Srgb));
    }

    /**
     * Made to read on its surface: the last step, in pixels of the file.
     *
     * @see \Planisher\Colour\Sharpening the model; docs/imaging.md has its limits
     */
    public static function sharpened(Image $image, Encoding $encoding): Image
    {
        $how = $encoding->sharpening;

        return $how === null
            ? $image
            : $image->run(
                'sharpen',
                [],
                [
                    'sigma' => $how->sigma,
                    'x1' => self::NO_SHARPENING_BELOW,
                    'm1' => 0.0,
                    'm2' => $how->slope,
                    'y2' => $how->lighten,
                    'y3' => $how->darken,
                ],
            );
    }

    /** @param  string  $from  the profile taken where none is embedded or the embedded one isn't used */
    private static function intoSpace(Image $image, Encoding $encoding, bool $embedded, string $from): Image
    {
        $how = [
            'intent' => self::INTENTS[$encoding->intent->value],
            'black_point_compensation' => $encoding->intent === Intent::Relative,
        ];
        $path = Profiles::path(Profiles::target($encoding));
        if ($encoding->tone->isStraight()) {
            return $image->run(
                'icc_transform',
                [$path],
                ['embedded' => $embedded, 'input_profile' => $from, 'depth' => $encoding->bits] + $how,
            );
        }
        $romm = $image->run(
            'icc_transform',
            [Lightness::profile()],
            ['embedded' => $embedded, 'input_profile' => $from, 'depth' => 16] + $how,
        );

        return Lightness::lifted($romm, $encoding->tone)->run(
            'icc_transform',
            [$path],
            ['input_profile' => Lightness::profile(), 'depth' => $encoding->bits] + $how,
        );
    }
}
