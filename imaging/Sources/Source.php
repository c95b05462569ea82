<?php

declare(strict_types=1);

namespace Planisher\Imaging\Sources;

use Planisher\Colour\Rgb;
use Planisher\Imaging\Colour\Conversion;
use Planisher\Imaging\Colour\Profiles;
use Planisher\Imaging\Vips\Extend;
use Planisher\Imaging\Vips\Image;
use Planisher\Imaging\Vips\Kernel;
use Planisher\Measure\PixelRect;
use Planisher\Picture\PictureFacts;
use Planisher\Picture\PictureFormat;
use Planisher\Plan\Layer\PictureLayer;
use Planisher\Plan\PlannedFile;

/**
 * A picture as the files of a plan take from it. Read once it is a stream; what is read again (panels cut from one
 * undivided print, edges that repeat the face) is decoded once and held in whichever form is smaller: the part of the
 * picture that is printed, or the print.
 */
final class Source
{
    /** At which libjpeg unpacks, the smallest first */
    private const FRACTIONS = [8, 4, 2];

    /** Above this, what is held lies in a temporary file instead of in memory. */
    private const HELD_IN_MEMORY = 120_000_000;

    private ?Image $held = null;

    private ?string $holds = null;

    private ?Credits $credits = null;

    private int $warnings = 0;

    /** @param  bool  $isReadAgain  whether more is taken from it than can be in one go from top to bottom */
    public function __construct(
        public readonly string $path,
        private readonly bool $isReadAgain,
        private readonly Profiles $profiles,
        private readonly ?Decoded $decoded = null,
    ) {}

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

    /** A picture's pixels as it is placed: of its target's size, upright or turned, in the file's colour space. */
    public function placed(PictureLayer $placed, PlannedFile $file, Kernel $kernel): Image
    {
        $printIsSmaller = self::isReduced($placed);
        $encoding = $placed->tone === null ? $file->encoding : $file->encoding->with(tone: $placed->tone);
        $conversion = new Conversion($encoding, $this->profiles);
        $convert = fn (Image $image): Image => $conversion->into($image, $placed->picture);
        $scale = fn (Image $image): Image => $this->scaled($image, $placed, $kernel);
        // Converted where there are fewer pixels of it; but a paper's codes aren't even enough to be scaled.
        $convertsFirst = ! $printIsSmaller && $encoding->profile === null;
        $ground = $file->groundUnder($placed);
        $open = fn (): Image => $convertsFirst ? $convert($this->opened($placed, $ground)) : $this->opened($placed, $ground);
        $finish = fn (Image $image): Image => $conversion->sharpened($convertsFirst ? $scale($image) : $convert($scale($image)));
        if (! $this->isReadAgain) {
            return $finish($open());
        }
        $what = json_encode([
            $placed->source->toArray(),
            $printIsSmaller ? [$placed->target->width, $placed->target->height, $placed->isTurned] : null,
            $encoding->toArray(),
            (string) $ground,
            $kernel->value,
        ]);
        if ($this->holds !== $what || $this->held === null) {
            $this->held = ($printIsSmaller ? $finish($open()) : $open())->held(self::HELD_IN_MEMORY);
            $this->holds = (string) $what;
        }

        return $printIsSmaller ? $this->held : $finish($this->held);
    }

    private static function isReduced(PictureLayer $placed): bool
    {
        return $placed->target->area() <= $placed->source->area();
    }

    /** The part that is printed as it is stored, on what shows through where it is transparent. */
    private function opened(PictureLayer $placed, Rgb $ground): Image
    {
        $shrink = self::shrink($placed);
        $open = fn (): Image => Original::open($this->path, $placed->picture, $ground, $shrink);
        $image = $this->decoded === null ? $open() : $this->decoded->of("{$placed->picture->sha256} {$ground} {$shrink}", $open);

        return self::part($image, Orientation::asStored($placed->source, $placed->picture), $shrink);
    }

    /**
     * At which fraction a JPEG is unpacked that is printed small: libjpeg leaves out what would be averaged away. At least a
     * halving is left to the kernel, so that what is seen of it is the kernel's.
     */
    private static function shrink(PictureLayer $placed): int
    {
        $picture = $placed->picture;
        if ($picture->format !== PictureFormat::Jpeg || $picture->isUnusual) {
            return 1;
        }
        [$width, $height] = $placed->scaledTo();
        $reduced = min($placed->source->width / $width, $placed->source->height / $height);
        foreach (self::FRACTIONS as $fraction) {
            if ($reduced >= 2 * $fraction) {
                return $fraction;
            }
        }

        return 1;
    }

    /**
     * A part of what was unpacked at a fraction. Where the part's edges lie within pixels, it is moved to whole ones, and stretched
     * by less than a pixel.
     */
    private static function part(Image $image, PixelRect $part, int $shrink): Image
    {
        $isWhole = fn (int ...$edges): bool => array_filter($edges, fn (int $edge): bool => $edge % $shrink !== 0) === [];
        if ($isWhole($part->x, $part->y, $part->width, $part->height)) {
            return $image->cut(
                new PixelRect(
                    intdiv($part->x, $shrink),
                    intdiv($part->y, $shrink),
                    intdiv($part->width, $shrink),
                    intdiv($part->height, $shrink),
                ),
            );
        }
        [$width, $height] = [(int) ceil($part->width / $shrink), (int) ceil($part->height / $shrink)];
        [$across, $down] = [($width * $shrink) / $part->width, ($height * $shrink) / $part->height];

        return $image->run(
            'affine',
            [$across, 0.0, 0.0, $down],
            [
                'interpolate' => 'bicubic',
                'oarea' => [0, 0, $width, $height],
                'idx' => (1 - 1 / $across) / 2 - $part->x / $shrink,
                'idy' => (1 - 1 / $down) / 2 - $part->y / $shrink,
                'extend' => Extend::Copy,
            ],
        );
    }

    /** Scaled, turned upright, and as it is placed. */
    private function scaled(Image $image, PictureLayer $placed, Kernel $kernel): Image
    {
        $orientation = $placed->picture->orientation;
        [$width, $height] = $placed->scaledTo();
        $image = $orientation >= 5 ? Scaled::to($image, $height, $width, $kernel) : Scaled::to($image, $width, $height, $kernel);
        if ($orientation === 1 && ! $placed->isTurned) {
            return $image;
        }
        // turning needs the last column first; only what is enlarged again and again comes from what is held already
        $isHeld = $this->isReadAgain && ! self::isReduced($placed);
        $upright = Orientation::upright($isHeld ? $image : $image->held(self::HELD_IN_MEMORY), $orientation);

        return $placed->isTurned ? Orientation::turned($upright) : $upright;
    }
}
