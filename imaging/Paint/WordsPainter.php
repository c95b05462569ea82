<?php

declare(strict_types=1);

namespace Planisher\Imaging\Paint;

use Planisher\Imaging\Sources\Orientation;
use Planisher\Imaging\Type\FaceFiles;
use Planisher\Imaging\Vips\Image;
use Planisher\Measure\PixelRect;
use Planisher\Plan\Layer\WordLine;
use Planisher\Plan\Layer\WordsLayer;

/** Draws words that are set already: each line's letters by Pango, put where the plan has them. */
final class WordsPainter implements Painter
{
    /**
     * Small type is drawn larger and reduced: letters are put on whole pixels, which would move them visibly. From here on an em
     * in pixels is large enough.
     */
    private const LARGE = 96;

    private const MOST_LARGER = 16;

    public function __construct(private readonly WordsLayer $words) {}

    public function paint(?Image $on, PaintedPage $page): Image
    {
        $where = $this->words->where();
        $whole = $page->file->whole();
        if ($on === null) {
            throw new \LogicException('Words are over something.');
        }
        if (! $where->meets($whole)) {
            return $on;
        }
        $mask = $this->mask($where);
        if ($mask === null) {
            return $on;
        }
        $colour = Image::plain($where->width, $where->height, $page->codes($this->words->colour), $page->file->encoding->bits);

        return $on->covered($mask, $colour, $where->x, $where->y);
    }

    /** How much of each pixel is letter, 8 bits; null where there is none. */
    private function mask(PixelRect $where): ?Image
    {
        $words = $this->words;
        $larger = (int) max(1, min(self::MOST_LARGER, ceil(self::LARGE / $words->size)));
        // As it is read: a turned block is turned when it is drawn.
        [$width, $height] = $words->isTurned ? [$where->height, $where->width] : [$where->width, $where->height];
        [$left, $top] = $words->isTurned
            ? [$words->y - $where->y, $where->right() - $words->x]
            : [$words->x - $where->x, $words->y - $where->y];
        $mask = null;
        foreach ($words->lines as $line) {
            $drawn = $this->line($line, $larger, $left, $top, $width, $height);
            $mask = $mask === null || $drawn === null ? $drawn ?? $mask : $mask->orLarger($drawn);
        }
        $held = $mask?->held(PHP_INT_MAX);

        return $held !== null && $words->isTurned ? Orientation::turned($held) : $held;
    }

    /** A line in a mask of this size; only the pixels that it takes are drawn larger. */
    private function line(WordLine $line, int $larger, float $left, float $top, int $width, int $height): ?Image
    {
        $words = $this->words;
        $size = $words->size * $larger;
        $letters = Image::text(
            $line->text,
            FaceFiles::name($words->face, $words->style),
            FaceFiles::path($words->face, $words->style),
            $size,
        );
        if ($letters === null) {
            return null;
        }
        // Pango's baseline lies as far below its top as the face reaches up, in whole pixels.
        $x = (int) round(($left + $line->left) * $larger + $letters->offsetX());
        $y = (int) round(($top + $line->baseline) * $larger - ceil($words->face->ascent() * $size) + $letters->offsetY());
        [$column, $row] = [(int) floor($x / $larger), (int) floor($y / $larger)];
        [$right, $bottom] = [(int) ceil(($x + $letters->width()) / $larger), (int) ceil(($y + $letters->height()) / $larger)];
        $drawn = $letters->run('embed', [
            $x - $column * $larger,
            $y - $row * $larger,
            ($right - $column) * $larger,
            ($bottom - $row) * $larger,
        ]);
        $reduced = $larger === 1 ? $drawn : $drawn->run('shrink', [(float) $larger, (float) $larger]);

        return $reduced->run('embed', [$column, $row, $width, $height]);
    }
}
