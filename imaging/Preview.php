<?php

declare(strict_types=1);

namespace Planisher\Imaging;

use Planisher\Imaging\Vips\Image;
use Planisher\Lab\FileFormat;
use Planisher\Measure\PixelRect;
use Planisher\Picture\PictureFacts;
use Planisher\Plan\Encoding;
use Planisher\Plan\Placement;
use Planisher\Plan\PlannedFile;

/** The same plan, small: rendered by the same renderer from a proxy, in the file's own colour space. */
final class Preview
{
    private const QUALITY = 88;

    /** @param  int  $side the longest side in pixels, at most */
    public static function write(PlannedFile $file, string $proxy, int $side, string $path): void
    {
        $part = $path.'.'.getmypid().'.part';
        $small = self::small($file, Proxy::facts($proxy, $file->placements[0]->picture), $side);
        try {
            Renderer::compose($small, $proxy)->withoutMetadata()->save('jpegsave', $part, ['Q' => self::QUALITY]);
            rename($part, $path);
        } finally {
            @unlink($part);
        }
    }

    /** The image a preview is written from, for measuring it against the file. */
    public static function image(PlannedFile $file, string $proxy, int $side): Image
    {
        return Renderer::compose(self::small($file, Proxy::facts($proxy, $file->placements[0]->picture), $side), $proxy);
    }

    private static function small(PlannedFile $file, PictureFacts $proxy, int $side): PlannedFile
    {
        $scale = min(1.0, $side / max($file->width, $file->height));
        $target = self::scaled(new PixelRect(0, 0, $file->width, $file->height), $scale, $scale);
        $placement = $file->placements[0];
        $source = self::scaled($placement->source, $proxy->width / $placement->picture->width, $proxy->height / $placement->picture->height);

        return new PlannedFile(
            $file->name, $target->width, $target->height, $file->resolution, $file->paper,
            [new Placement($proxy, $source, $target)],
            new Encoding($file->encoding->colour, $file->encoding->intent, FileFormat::Jpeg, self::QUALITY, 8),
        );
    }

    /** Edges are rounded, not sizes. */
    private static function scaled(PixelRect $r, float $x, float $y): PixelRect
    {
        [$left, $top] = [(int) round($r->x * $x), (int) round($r->y * $y)];
        [$right, $bottom] = [(int) round(($r->x + $r->width) * $x), (int) round(($r->y + $r->height) * $y)];

        return new PixelRect($left, $top, max(1, $right - $left), max(1, $bottom - $top));
    }
}
