<?php

declare(strict_types=1);

namespace Planisher\Imaging;

use Planisher\Imaging\Vips\Image;
use Planisher\Picture\PictureFacts;
use Planisher\Plan\Placement;
use Planisher\Plan\PlannedFile;

/**
 * A picture as the files of a plan take from it. Read once it is a stream; what is read again (panels cut from one
 * undivided print, edges that repeat the face) is decoded once and held in whichever form is smaller: the part of the
 * picture that is printed, or the print.
 */
final class Source
{
    /** Above this, what is held lies in a temporary file instead of in memory. */
    private const HELD_IN_MEMORY = 120_000_000;

    /** VipsExtend: the edge pixels go on outside. */
    private const EXTEND_COPY = 1;

    private ?Image $held = null;

    private ?string $holds = null;

    private ?Credits $credits = null;

    private int $warnings = 0;

    /** @param  bool  $isReadAgain  whether more is taken from it than can be in one go from top to bottom */
    public function __construct(public readonly string $path, private readonly bool $isReadAgain) {}

    /** @param  non-empty-list<PlannedFile>  $files  all that will be taken from it */
    public static function forFiles(string $path, array $files): self
    {
        return new self($path, count($files) > 1 || $files[0]->readsAgain());
    }

    /** @param  int  $warnings  of its decoder, at another reading */
    public function count(int $warnings): void
    {
        $this->warnings = max($this->warnings, $warnings);
    }

    /** Of its decoder, while files were made of it. */
    public function warnings(): int
    {
        return $this->warnings;
    }

    /** Its caption and copyright, read once. */
    public function credits(PictureFacts $picture): Credits
    {
        return $this->credits ??= Credits::of($this->path, $picture);
    }

    /** A placement's pixels: of its target's size, upright, in the file's colour space. */
    public function placed(Placement $placement, PlannedFile $file, int $kernel): Image
    {
        [$source, $target] = [$placement->source, $placement->target];
        $printIsSmaller = self::isReduced($placement);
        $convert = fn (Image $image): Image => Renderer::convert($image, $placement->picture, $file->encoding);
        $scale = fn (Image $image): Image => $this->scaled($image, $placement, $kernel);
        // Converted where there are fewer pixels of it; but a paper's codes aren't even enough to be scaled.
        $convertsFirst = ! $printIsSmaller && $file->encoding->profile === null;
        $open = fn (): Image => $convertsFirst ? $convert($this->opened($placement, $file)) : $this->opened($placement, $file);
        $finish = fn (Image $image): Image => Renderer::sharpened(
            $convertsFirst ? $scale($image) : $convert($scale($image)),
            $file->encoding,
        );
        if (! $this->isReadAgain) {
            return $finish($open());
        }
        $what = json_encode([
            $source->toArray(),
            $printIsSmaller ? [$target->width, $target->height] : null,
            $file->encoding->toArray(),
            (string) $file->paper,
            $kernel,
        ]);
        if ($this->holds !== $what || $this->held === null) {
            $this->held = ($printIsSmaller ? $finish($open()) : $open())->held(self::HELD_IN_MEMORY);
            $this->holds = (string) $what;
        }

        return $printIsSmaller ? $this->held : $finish($this->held);
    }

    private static function isReduced(Placement $placement): bool
    {
        return $placement->target->area() <= $placement->source->area();
    }

    /** The part that is printed as it is stored, on what shows through where it is transparent. */
    private function opened(Placement $placement, PlannedFile $file): Image
    {
        $part = Orientation::asStored($placement->source, $placement->picture);

        return Original::open($this->path, $placement->picture, $file->paper)->run('crop', [
            $part->x,
            $part->y,
            $part->width,
            $part->height,
        ]);
    }

    /** Scaled and turned upright. */
    private function scaled(Image $image, Placement $placement, int $kernel): Image
    {
        $orientation = $placement->picture->orientation;
        [$width, $height] = [$placement->target->width, $placement->target->height];
        $image = $orientation >= 5 ? self::scale($image, $height, $width, $kernel) : self::scale($image, $width, $height, $kernel);
        if ($orientation === 1) {
            return $image;
        }

        // turning needs the last column first; only what is enlarged again and again comes from what is held already
        $isHeld = $this->isReadAgain && ! self::isReduced($placement);

        return Orientation::upright($isHeld ? $image : $image->held(self::HELD_IN_MEMORY), $orientation);
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

        return $image->run(
            'affine',
            [$x, 0.0, 0.0, $y],
            [
                'interpolate' => 'bicubic',
                'oarea' => [0, 0, $width, $height],
                'idx' => (1 - 1 / $x) / 2,
                'idy' => (1 - 1 / $y) / 2,
                'extend' => self::EXTEND_COPY,
            ],
        );
    }
}
