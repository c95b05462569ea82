<?php

declare(strict_types=1);

namespace Planisher\Imaging;

use Planisher\Imaging\Paint\GroundPainter;
use Planisher\Imaging\Paint\OverlayPainter;
use Planisher\Imaging\Paint\Page;
use Planisher\Imaging\Paint\Painter;
use Planisher\Imaging\Paint\PicturePainter;
use Planisher\Imaging\Paint\StrokePainter;
use Planisher\Imaging\Paint\SurroundPainter;
use Planisher\Imaging\Paint\WordsPainter;
use Planisher\Imaging\Sources\Sources;
use Planisher\Imaging\Vips\Image;
use Planisher\Imaging\Vips\Kernel;
use Planisher\Plan\Layer\Ground;
use Planisher\Plan\Layer\Layer;
use Planisher\Plan\Layer\Overlay;
use Planisher\Plan\Layer\Picture;
use Planisher\Plan\Layer\Stroke;
use Planisher\Plan\Layer\Surround;
use Planisher\Plan\Layer\Words;
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
        $page = self::page(new Page($file, $sources, $kernel));
        $all = $file->nextPage === null ? $page : $page->above(self::page(new Page($file->nextPage, $sources, $kernel)));

        return $all->withProfile($sources->profiles->bytes($file->encoding->target()));
    }

    private static function page(Page $page): Image
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
            $layer instanceof Ground => new GroundPainter($layer),
            $layer instanceof Picture => new PicturePainter($layer),
            $layer instanceof Surround => new SurroundPainter($layer),
            $layer instanceof Stroke => new StrokePainter($layer),
            $layer instanceof Words => new WordsPainter($layer),
            $layer instanceof Overlay => new OverlayPainter($layer),
            default => throw new \LogicException($layer::class.' has no painter.'),
        };
    }
}
