<?php

declare(strict_types=1);

namespace Planisher\Imaging;

use Planisher\Colour\Channels;
use Planisher\Colour\Intent;
use Planisher\Colour\Rgb;
use Planisher\Colour\Space;
use Planisher\Imaging\Vips\Image;
use Planisher\Measure\PixelRect;
use Planisher\Picture\PictureFacts;
use Planisher\Plan\Encoding;
use Planisher\Plan\Fill;
use Planisher\Plan\Placement;
use Planisher\Plan\PlannedFile;

/**
 * Executes a planned file: crop → scale → turn upright → convert → lay on paper and sheet → strokes, as one stream that is
 * computed when it is written.
 * The picture is read once from top to bottom, so memory does not grow with it.
 */
final class Renderer
{
    /** Above this, a picture that must be turned is held in a temporary file instead of in memory. */
    private const HELD_IN_MEMORY = 120_000_000;

    /** VipsIntent */
    private const INTENTS = ['perceptual' => 0, 'relative' => 1];

    /** VipsKernel: lanczos3, the sharpest for reducing photographs; measured in docs/imaging.md. */
    private const LANCZOS3 = 5;

    /** VipsKernel: linear, a third quicker and good enough for a screen. */
    public const QUICK = 1;

    /** VipsExtend: the background goes on outside. */
    private const EXTEND_BACKGROUND = 5;

    /** VipsExtend: the edge pixels go on outside. */
    private const EXTEND_COPY = 1;

    /**
     * @param  string  $path  of the picture of the file's placement
     * @param  int  $kernel  what it is reduced with
     *
     * @throws \Planisher\Imaging\Vips\VipsError
     */
    public static function compose(PlannedFile $file, string $path, int $kernel = self::LANCZOS3): Image
    {
        $placement = $file->placements[0];
        $where = $placement->target;
        $image = self::convert(self::place($placement, $path, $file->paper->codes(), $kernel), $placement->picture, $file->encoding);
        foreach ($file->strokes as $stroke) {
            if (self::within($stroke->where, $where)) {
                $image = self::paint($image, new Fill(new PixelRect($stroke->where->x - $where->x, $stroke->where->y - $where->y, $stroke->where->width, $stroke->where->height), $stroke->colour), $file->encoding);
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
        $pixel = Image::fromPixels(pack('C3', ...array_map(intval(...), $colour->codes())), 1, 1, 3)->run('copy', options: ['interpretation' => Image::SPACE_SRGB]);
        $bytes = self::intoSpace($pixel, $encoding, embedded: false, from: Profiles::path(Space::Srgb))->pixels();

        return array_map(floatval(...), array_values((array) unpack($encoding->bits === 16 ? 'S3' : 'C3', $bytes)));
    }

    /** The image laid on its paper, and that on its sheet. */
    private static function sheet(Image $image, PlannedFile $file): Image
    {
        $at = $file->placements[0]->target;
        foreach ([...$file->fills, new Fill(new PixelRect(0, 0, $file->width, $file->height), $file->paper)] as $ground) {
            $image = $image->run('embed', [$at->x - $ground->where->x, $at->y - $ground->where->y, $ground->where->width, $ground->where->height], [
                'extend' => self::EXTEND_BACKGROUND, 'background' => self::codes($ground->colour, $file->encoding),
            ]);
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
        return $inner->x >= $outer->x && $inner->y >= $outer->y
            && $inner->x + $inner->width <= $outer->x + $outer->width && $inner->y + $inner->height <= $outer->y + $outer->height;
    }

    /** @param  list<float>  $behind what shows through transparent parts, 8-bit codes */
    private static function place(Placement $placement, string $path, array $behind, int $kernel): Image
    {
        $picture = $placement->picture;
        $source = self::asStored($placement->source, $picture);
        [$width, $height] = [$placement->target->width, $placement->target->height];
        if ($picture->orientation >= 5) {
            [$width, $height] = [$height, $width];
        }
        $image = Image::open($path)->run('crop', [$source->x, $source->y, $source->width, $source->height]);
        if ($picture->alpha) {
            $scale = $picture->bits === 16 ? 257.0 : 1.0;
            $image = $image->run('flatten', options: ['background' => array_map(fn (float $code): float => $code * $scale, $behind)]);
        }
        $image = self::scale($image, $width, $height, $kernel);

        return $picture->orientation === 1 ? $image : self::upright($image->held(self::HELD_IN_MEMORY), $picture->orientation);
    }

    /**
     * Reducing by libvips' centred resize; enlarging by its bicubic affine, placed so that the picture's edges stay where they are
     * (its resize shifts by half a pixel when it enlarges).
     */
    private static function scale(Image $image, int $width, int $height, int $kernel): Image
    {
        $x = $width / $image->width();
        $y = $height / $image->height();
        if ($width === $image->width() && $height === $image->height()) {
            return $image;
        }
        if ($x <= 1 && $y <= 1) {
            return $image->run('resize', [$x], ['vscale' => $y, 'kernel' => $kernel]);
        }

        return $image->run('affine', [$x, 0.0, 0.0, $y], [
            'interpolate' => 'bicubic',
            'oarea' => [0, 0, $width, $height],
            'idx' => (1 - 1 / $x) / 2,
            'idy' => (1 - 1 / $y) / 2,
            'extend' => self::EXTEND_COPY,
        ]);
    }

    /** Into the target space, always by conversion; only pixels that are in exactly that space already are left as they are. */
    public static function convert(Image $image, PictureFacts $picture, Encoding $encoding): Image
    {
        $usable = $picture->profile !== null && $picture->profileFlaw === null;
        $target = Profiles::bytes($encoding->colour);
        $is = $usable ? $image->blob('icc-profile-data') : ($picture->channels === Channels::Rgb ? Profiles::bytes(Space::Srgb) : null);
        if ($is === $target && $picture->bits >= $encoding->bits) {
            $image = $picture->bits > $encoding->bits ? $image->run('colourspace', [Image::SPACE_SRGB]) : $image;

            return $image->withBlob('icc-profile-data', $target);
        }
        if (! $usable) {
            $image = $image->without('icc-profile-data');
            if ($picture->channels === Channels::Grey) {
                $image = $image->run('colourspace', [$picture->bits === 16 ? Image::SPACE_RGB16 : Image::SPACE_SRGB]);
            }
        }

        return self::intoSpace($image, $encoding, $usable, $picture->channels === Channels::Cmyk ? 'cmyk' : Profiles::path(Space::Srgb));
    }

    /** @param  string  $from  the profile taken where none is embedded or the embedded one isn't used */
    private static function intoSpace(Image $image, Encoding $encoding, bool $embedded, string $from): Image
    {
        return $image->run('icc_transform', [Profiles::path($encoding->colour)], [
            'embedded' => $embedded,
            'input_profile' => $from,
            'intent' => self::INTENTS[$encoding->intent->value],
            'black_point_compensation' => $encoding->intent === Intent::Relative,
            'depth' => $encoding->bits,
        ]);
    }

    /** A rectangle of the upright picture in the coordinates it is stored in (Exif 2.3, tag Orientation). */
    private static function asStored(PixelRect $r, PictureFacts $picture): PixelRect
    {
        [$w, $h] = [$picture->width, $picture->height];
        [$right, $below] = [$w - $r->x - $r->width, $h - $r->y - $r->height];

        return match ($picture->orientation) {
            1 => $r,
            2 => new PixelRect($right, $r->y, $r->width, $r->height),
            3 => new PixelRect($right, $below, $r->width, $r->height),
            4 => new PixelRect($r->x, $below, $r->width, $r->height),
            5 => new PixelRect($r->y, $r->x, $r->height, $r->width),
            6 => new PixelRect($r->y, $right, $r->height, $r->width),
            7 => new PixelRect($below, $right, $r->height, $r->width),
            8 => new PixelRect($below, $r->x, $r->height, $r->width),
            default => throw new \LogicException("Orientation {$picture->orientation} does not exist."),
        };
    }

    private static function upright(Image $image, int $orientation): Image
    {
        $turn = fn (Image $i, int $quarters): Image => $quarters === 0 ? $i : $i->run('rot', [$quarters]);
        $mirror = fn (Image $i): Image => $i->run('flip', [0]);

        return match ($orientation) {
            2 => $mirror($image),
            3 => $turn($image, 2),
            4 => $mirror($turn($image, 2)),
            5 => $mirror($turn($image, 1)),
            6 => $turn($image, 1),
            7 => $mirror($turn($image, 3)),
            8 => $turn($image, 3),
            default => $image,
        };
    }
}
