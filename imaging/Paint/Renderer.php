<?php

declare(strict_types=1);

namespace Planisher\Imaging\Paint;

use Planisher\Imaging\Sources\Sources;
use Planisher\Imaging\Vips\Image;
use Planisher\Imaging\Vips\Kernel;
use Planisher\Plan\Layer\GroundLayer;
use Planisher\Plan\Layer\Layer;
use Planisher\Plan\Layer\OverlayLayer;
use Planisher\Plan\Layer\PictureLayer;
use Planisher\Plan\Layer\StrokeLayer;
use Planisher\Plan\Layer\SurroundLayer;
use Planisher\Plan\Layer\WordsLayer;
use Planisher\Plan\PlannedFile;

/**
 * Executes a planned file: its layers painted one over the other, as one stream that is computed when it is written. Pictures
 * are read once from top to bottom, so memory does not grow with them; what has to be read again is held by its Source.
 */
final class Renderer
{
    /** For reducing photographs; measured in docs/imaging.md. For a screen Kernel::Linear is good enough, and a third quicker. */
    private const SHARPEST = Kernel::Lanczos3;

    /**
     * @param  Kernel  $kernel  what pictures are reduced with
     * @return Image in the file's colour space, and with its profile
     *
     * @throws \Planisher\Imaging\Vips\VipsError
     */
    public static function compose(PlannedFile $file, Sources $sources, Kernel $kernel = self::SHARPEST): Image
    {
        $page = self::page(new PaintedPage($file, $sources, $kernel));
        $all = $file->nextPage === null ? $page : $page->above(self::page(new PaintedPage($file->nextPage, $sources, $kernel)));

        return $all->withProfile($sources->profiles->bytes($file->encoding->target()));
    }

    private static function page(PaintedPage $page): Image
    {
        $painted = null;
        foreach ($page->file->layers as $layer) {
            $painted = self::painter($layer)->paint($painted, $page);
        }

        return $painted;
    }

    /** The register of painters: one a layer. */
    private static function painter(Layer $layer): Painter
    {
        return match (true) {
            $layer instanceof GroundLayer => new GroundPainter($layer),
            $layer instanceof PictureLayer => new PicturePainter($layer),
            $layer instanceof SurroundLayer => new SurroundPainter($layer),
            $layer instanceof StrokeLayer => new StrokePainter($layer),
            $layer instanceof WordsLayer => new WordsPainter($layer),
            $layer instanceof OverlayLayer => new OverlayPainter($layer),
            default => throw new \LogicException($layer::class.' has no painter.'),
        };
    }
}
