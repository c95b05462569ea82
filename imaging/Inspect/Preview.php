<?php

declare(strict_types=1);

namespace Planisher\Imaging\Inspect;

use Planisher\Imaging\Files\Beside;
use Planisher\Imaging\Paint\Renderer;
use Planisher\Imaging\Sources\Sources;
use Planisher\Imaging\Vips\Image;
use Planisher\Imaging\Vips\Kernel;
use Planisher\Lab\FileFormat;
use Planisher\Plan\Layer\Layer;
use Planisher\Plan\Layer\PictureLayer;
use Planisher\Plan\PlannedFile;

/** The same plan, small: rendered by the same renderer from proxies, in the file's own colour space. */
final class Preview
{
    private const QUALITY = 88;

    /** @param  int  $side the longest side in pixels, at most */
    public static function write(PlannedFile $file, Sources $proxies, int $side, string $path): void
    {
        Beside::write(
            $path,
            fn (string $part) => self::image($file, $proxies, $side)
                ->withoutMetadata()
                ->save('jpegsave', $part, ['Q' => self::QUALITY]),
        );
    }

    /** The image a preview is written from. */
    public static function image(PlannedFile $file, Sources $proxies, int $side): Image
    {
        $small = self::small($file, $proxies, $side);

        return Renderer::compose($small, $proxies->for($small), Kernel::Linear);
    }

    private static function small(PlannedFile $file, Sources $proxies, int $side): PlannedFile
    {
        $scale = min(1.0, $side / max($file->width, $file->height));
        $whole = $file->whole()->scaled($scale, $scale);
        $small = function (Layer $layer) use ($proxies, $scale, $whole): Layer {
            $from = $layer instanceof PictureLayer ? $layer->from($proxies->facts($layer->picture)) : $layer;

            return $from->small($scale, $whole);
        };

        return new PlannedFile(
            $file->name,
            $whole->width,
            $whole->height,
            $file->resolution,
            array_map($small, $file->layers),
            // Sharpening is of the file's own pixels; at another size it would show something else.
            $file->encoding->with(format: FileFormat::Jpeg, quality: self::QUALITY, bits: 8, sharpening: null),
        );
    }
}
