<?php

declare(strict_types=1);

namespace Planisher\Imaging;

use Planisher\Imaging\Vips\Image;
use Planisher\Lab\FileFormat;
use Planisher\Measure\PixelRect;
use Planisher\Picture\PictureFacts;
use Planisher\Plan\Fill;
use Planisher\Plan\Placement;
use Planisher\Plan\PlannedFile;
use Planisher\Plan\Surround;

/** The same plan, small: rendered by the same renderer from a proxy, in the file's own colour space. */
final class Preview
{
    private const QUALITY = 88;

    /** @param  int  $side the longest side in pixels, at most */
    public static function write(PlannedFile $file, string $proxy, int $side, string $path): void
    {
        Beside::write($path, fn (string $part) => self::image($file, $proxy, $side)->withoutMetadata()->save('jpegsave', $part, ['Q' => self::QUALITY]));
    }

    /** The image a preview is written from. */
    public static function image(PlannedFile $file, string $proxy, int $side): Image
    {
        return Renderer::compose(self::small($file, Proxy::facts($proxy, $file->placements[0]->picture), $side), $proxy, Renderer::QUICK);
    }

    private static function small(PlannedFile $file, PictureFacts $proxy, int $side): PlannedFile
    {
        $scale = min(1.0, $side / max($file->width, $file->height));
        $target = fn (PixelRect $r): PixelRect => self::scaled($r, $scale, $scale);
        $whole = $target(new PixelRect(0, 0, $file->width, $file->height));
        $place = fn (Placement $p): Placement => new Placement(
            $proxy,
            self::scaled($p->source, $proxy->width / $p->picture->width, $proxy->height / $p->picture->height),
            $target($p->target),
        );
        $fill = fn (Fill $f): Fill => new Fill(self::inside($target($f->where), $whole), $f->colour);

        return new PlannedFile(
            $file->name, $whole->width, $whole->height, $file->resolution, $file->paper,
            array_map($fill, $file->fills), array_map($place, $file->placements), array_map($fill, $file->strokes),
            // Sharpening is of the file's own pixels; at another size it would show something else.
            $file->encoding->with(format: FileFormat::Jpeg, quality: self::QUALITY, bits: 8, sharpening: null),
            $file->surround === null ? null : self::surround($file->surround, $target($file->surround->face), $scale),
        );
    }

    private static function surround(Surround $surround, PixelRect $face, float $scale): Surround
    {
        return new Surround($face, $surround->fill, max(1.0, $surround->depth * $scale), $surround->sigma * $scale, $surround->darken);
    }

    /** Edges are rounded, not sizes; what is there stays at least a pixel wide. */
    public static function scaled(PixelRect $r, float $x, float $y): PixelRect
    {
        [$left, $top] = [(int) round($r->x * $x), (int) round($r->y * $y)];
        [$right, $bottom] = [(int) round(($r->x + $r->width) * $x), (int) round(($r->y + $r->height) * $y)];

        return new PixelRect($left, $top, max(1, $right - $left), max(1, $bottom - $top));
    }

    /** A stroke kept a pixel wide must not stand beyond the edge for it. */
    private static function inside(PixelRect $r, PixelRect $whole): PixelRect
    {
        return new PixelRect(min($r->x, $whole->width - $r->width), min($r->y, $whole->height - $r->height), $r->width, $r->height);
    }
}
