<?php

declare(strict_types=1);

namespace Planisher\Imaging\Paint;

use Planisher\Imaging\Vips\Direction;
use Planisher\Imaging\Vips\Extend;
use Planisher\Imaging\Vips\Image;
use Planisher\Measure\PixelRect;
use Planisher\Plan\Layer\EdgeFill;
use Planisher\Plan\Layer\SurroundLayer;

/**
 * Fills what lies round a canvas's face. The face stays pixel for pixel the picture; only the four bands round it are
 * softened and darkened, by how far a pixel is from the fold.
 */
final class SurroundPainter implements Painter
{
    /** How much a drawn-out edge stretches the face's outermost band. */
    private const STRETCH = 10;

    /** A Gaussian narrower than this changes nothing that is seen. */
    private const LEAST_SIGMA = 0.3;

    /** Shares of the depth at which the softening has come to the same share of its full sigma; in between two are mixed. */
    private const STEPS = [0.25, 0.5, 1.0];

    /** A band is held in memory up to this, above it in a temporary file. */
    private const HELD_IN_MEMORY = 60_000_000;

    public function __construct(private readonly SurroundLayer $surround) {}

    /** @param  ?Image  $on  readable anywhere where the surround repeats the face */
    public function paint(?Image $on, PaintedPage $page): Image
    {
        $filled = $this->filled($on ?? throw new \LogicException('A surround is round something.'));
        $softens = $this->surround->sigma >= self::LEAST_SIGMA && $this->surround->fill !== EdgeFill::OneColour;
        if (! $softens && $this->surround->darken === null) {
            return $filled;
        }
        $finished = $filled;
        foreach ($this->surround->whole->bands($this->surround->face) as $band) {
            $part = $softens ? $this->softened($filled, $band) : $filled->cut($band);
            $finished = $finished->inserted($this->darkened($part, $band, $page), $band->x, $band->y);
        }

        return $finished;
    }

    private function filled(Image $on): Image
    {
        [$face, $whole] = [$this->surround->face, $this->surround->whole];

        return match ($this->surround->fill) {
            EdgeFill::RunsOn, EdgeFill::OneColour => $on, // it is there already
            EdgeFill::Mirrored => $on
                ->cut($face)
                ->run('embed', [$face->x, $face->y, $whole->width, $whole->height], ['extend' => Extend::Mirror]),
            EdgeFill::DrawnOut => $this->drawnOut($on->cut($face)),
        };
    }

    /** Nine pieces: the face, and its outermost band reflected and stretched over each side; corners both ways. */
    private function drawnOut(Image $face): Image
    {
        [$left, $top] = [$this->surround->face->x, $this->surround->face->y];
        $right = $this->surround->whole->width - $left - $face->width();
        $bottom = $this->surround->whole->height - $top - $face->height();
        $row = fn (Image $middle): Image => self::stretched($middle, $left, Direction::Across, atStart: true)
            ->beside($middle)
            ->beside(self::stretched($middle, $right, Direction::Across, atStart: false));

        return $row(self::stretched($face, $top, Direction::Down, atStart: true))
            ->over($row($face))
            ->over($row(self::stretched($face, $bottom, Direction::Down, atStart: false)));
    }

    /** A side's outermost band, reflected about that side and stretched to so many pixels. */
    private static function stretched(Image $of, int $to, Direction $direction, bool $atStart): Image
    {
        $isAcross = $direction === Direction::Across;
        $length = $isAcross ? $of->width() : $of->height();
        $from = min($length, intdiv($to, self::STRETCH) + 3); // and a little more for the interpolation
        $at = $atStart ? 0 : $length - $from;
        $band = $isAcross ? $of->run('crop', [$at, 0, $from, $of->height()]) : $of->run('crop', [0, $at, $of->width(), $from]);
        // From the fold outward, whichever side it is of
        $outward = $atStart ? $band : $band->run('flip', [$direction]);
        $shift = (1 - 1 / self::STRETCH) / 2;
        $drawn = $outward->run('affine', $isAcross ? [(float) self::STRETCH, 0.0, 0.0, 1.0] : [1.0, 0.0, 0.0, (float) self::STRETCH], [
            'interpolate' => 'bicubic',
            'oarea' => $isAcross ? [0, 0, max(1, $to), $of->height()] : [0, 0, $of->width(), max(1, $to)],
            ...$isAcross ? ['idx' => $shift] : ['idy' => $shift],
            'extend' => Extend::Copy,
        ]);

        return $atStart ? $drawn->run('flip', [$direction]) : $drawn;
    }

    /** A band blurred by a Gaussian that grows from nothing at the fold: the nearest two of a few blurs, mixed. */
    private function softened(Image $filled, PixelRect $band): Image
    {
        $pad = (int) ceil(3 * $this->surround->sigma);
        $around = $band->grown($pad)->within($this->surround->whole);
        $context = $filled->cut($around)->held(self::HELD_IN_MEMORY);
        $within = $band->from($around);
        $distance = $this->distance($band);
        $softened = $context->cut($within);
        $from = 0.0;
        foreach (self::STEPS as $step) {
            $blurred = self::blurred($context, $step * $this->surround->sigma)->cut($within);
            $softened = $this->ramp($distance, $from, $step, 1.0)->mixing($blurred, $softened);
            $from = $step;
        }

        return $softened;
    }

    private function darkened(Image $part, PixelRect $band, PaintedPage $page): Image
    {
        $darken = $this->surround->darken;
        if ($darken === null) {
            return $part;
        }
        $colour = Image::plain($part->width(), $part->height(), $page->codes($darken->colour), $page->file->encoding->bits);

        return $this->ramp($this->distance($band), 0.0, 1.0, $darken->strength)->mixing($colour, $part);
    }

    /**
     * A Gaussian blur. A wide one is made small: shrunk by boxes, blurred, and drawn up again by straight lines, whose own
     * variances (n²/12 of a box, n²/6 of a line, n the factor) are taken off the Gaussian's.
     */
    private static function blurred(Image $image, float $sigma): Image
    {
        if ($sigma < self::LEAST_SIGMA) {
            return $image;
        }
        $gauss = fn (Image $of, float $s): Image => $of->run('gaussblur', [$s], ['min_ampl' => 0.01]);
        $factor = (int) floor($sigma / 2);
        if ($factor < 2) {
            return $gauss($image, $sigma);
        }
        [$width, $height] = [$image->width(), $image->height()];
        $even = fn (int $length): int => (int) ceil($length / $factor) * $factor;
        $small = $image
            ->run('embed', [0, 0, $even($width), $even($height)], ['extend' => Extend::Copy])
            ->run('shrink', [(float) $factor, (float) $factor]);
        $variance = ($sigma ** 2 - $factor ** 2 / 12 - $factor ** 2 / 6) / $factor ** 2;
        $shift = (1 - 1 / $factor) / 2;

        return $gauss($small, sqrt($variance))
            ->held(self::HELD_IN_MEMORY)
            ->run(
                'affine',
                [(float) $factor, 0.0, 0.0, (float) $factor],
                [
                    'interpolate' => 'bilinear',
                    'oarea' => [0, 0, $width, $height],
                    'idx' => $shift,
                    'idy' => $shift,
                    'extend' => Extend::Copy,
                ],
            );
    }

    /** How far each pixel of a band is from the fold, in whole pixels from 0; in a corner the farther of both ways counts. */
    private function distance(PixelRect $band): Image
    {
        $face = $this->surround->face;
        $beyond = fn (int $at, int $from, int $length): int => max(0, $from - 1 - $at, $at - $from - $length);
        $across = array_map(fn (int $x): int => $beyond($x, $face->x, $face->width), range($band->x, $band->right() - 1));
        $down = array_map(fn (int $y): int => $beyond($y, $face->y, $face->height), range($band->y, $band->bottom() - 1));
        $spread = fn (Image $line): Image => $line->run('embed', [0, 0, $band->width, $band->height], ['extend' => Extend::Copy]);
        if (max($across) === 0) {
            return $spread(Image::ofNumbers($down, 1, $band->height));
        }
        if (max($down) === 0) {
            return $spread(Image::ofNumbers($across, $band->width, 1));
        }

        return $spread(Image::ofNumbers($across, $band->width, 1))->orLarger($spread(Image::ofNumbers($down, 1, $band->height)));
    }

    /** From 0 at one share of the depth to a strength at another, as a mask of 8 bits. */
    private function ramp(Image $distance, float $from, float $to, float $strength): Image
    {
        $depth = $this->surround->depth;
        $deepest = max(
            $this->surround->face->x,
            $this->surround->face->y,
            $this->surround->whole->right() - $this->surround->face->right(),
            $this->surround->whole->bottom() - $this->surround->face->bottom(),
        );
        $codes = array_map(
            fn (int $pixels): string => chr(
                (int) round(255 * $strength * max(0.0, min(1.0, (($pixels + 0.5) / $depth - $from) / ($to - $from)))),
            ),
            range(0, max(1, $deepest)),
        );

        return $distance->mapped(Image::fromPixels(implode('', $codes), count($codes), 1, 1));
    }
}
