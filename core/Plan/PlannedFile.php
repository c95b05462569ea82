<?php

declare(strict_types=1);

namespace Planisher\Plan;

use Planisher\Colour\Rgb;
use Planisher\Measure\PixelRect;
use Planisher\Measure\Resolution;
use Planisher\Measure\Unit;
use Planisher\Plan\Layer\GroundLayer;
use Planisher\Plan\Layer\Layer;
use Planisher\Plan\Layer\OverlayLayer;
use Planisher\Plan\Layer\PictureLayer;
use Planisher\Plan\Layer\StrokeLayer;
use Planisher\Plan\Layer\SurroundLayer;
use Planisher\Plan\Layer\WordsLayer;

/** One file as it will be: its size in pixels, what it is painted of, how it is written. */
final readonly class PlannedFile
{
    /**
     * @param  non-empty-list<Layer>  $layers  in the order they are painted; the first is a ground over all of it
     * @param  ?self  $nextPage  a further page of the same file, of the same size
     * @param  bool  $isForScreen  it lies apart, and never goes to the lab
     * @param  Unit  $readIn  the unit its size is read back in
     */
    public function __construct(
        public string $name,
        public int $width,
        public int $height,
        public Resolution $resolution,
        public array $layers,
        public Encoding $encoding,
        public ?self $nextPage = null,
        public bool $isForScreen = false,
        public Unit $readIn = Unit::Inch,
    ) {}

    /** The same with some of it changed, by name. */
    public function with(mixed ...$changed): self
    {
        return new self(...[...get_object_vars($this), ...$changed]);
    }

    public function whole(): PixelRect
    {
        return PixelRect::ofSize($this->width, $this->height);
    }

    /** @return list<PictureLayer> */
    public function pictures(): array
    {
        return $this->of(PictureLayer::class);
    }

    /** @return list<GroundLayer> */
    public function grounds(): array
    {
        return $this->of(GroundLayer::class);
    }

    /** @return list<StrokeLayer> */
    public function strokes(): array
    {
        return $this->of(StrokeLayer::class);
    }

    /** @return list<WordsLayer> */
    public function words(): array
    {
        return $this->of(WordsLayer::class);
    }

    /** @return list<OverlayLayer> */
    public function overlays(): array
    {
        return $this->of(OverlayLayer::class);
    }

    public function surround(): ?SurroundLayer
    {
        return $this->of(SurroundLayer::class)[0] ?? null;
    }

    /** The colour that shows through a picture where it is transparent: of the uppermost ground that it lies on. */
    public function groundUnder(PictureLayer $picture): Rgb
    {
        $colour = Rgb::white();
        foreach ($this->layers as $layer) {
            if ($layer === $picture) {
                break;
            }
            if ($layer instanceof GroundLayer && $picture->target->within($this->whole())->liesIn($layer->where)) {
                $colour = $layer->colour;
            }
        }

        return $colour;
    }

    /**
     * Its layers laid on larger paper; a ground of the colour that is there already is left out.
     *
     * @param  Rgb  $over  the paper's colour
     * @return list<Layer>
     */
    public function on(Placement $paper, Rgb $over): array
    {
        $isThere = fn (Layer $layer): bool => $layer instanceof GroundLayer && $layer->colour->equals($over);
        $layers = $isThere($this->layers[0]) ? array_slice($this->layers, 1) : $this->layers;

        return array_map(fn (Layer $layer): Layer => $layer->laid($paper), $layers);
    }

    /** Whether making it takes from a picture again what was taken before. */
    public function readsAgain(): bool
    {
        $placed = array_map(fn (PictureLayer $picture): string => $picture->picture->sha256, $this->pictures());

        return $this->nextPage !== null || $this->surround()?->repeatsFace() === true || count(array_unique($placed)) < count($placed);
    }

    /** What the pixels take before any packing: exact for a TIFF (width × height × 3 × bytes a sample). */
    public function unpackedBytes(): int
    {
        return $this->width * $this->height * 3 * intdiv($this->encoding->bits, 8) + ($this->nextPage?->unpackedBytes() ?? 0);
    }

    /** The same for the same pixels in the same encoding, whatever the file is called. */
    public function hash(): string
    {
        $told = fn (Layer $layer): array => $layer->toArray();
        $grounds = $this->grounds();
        $lowest = array_shift($grounds);

        return hash(
            'sha256',
            (string) json_encode(
                array_filter(
                    [
                        $this->width,
                        $this->height,
                        round($this->resolution->ppi(), 4),
                        (string) $lowest?->colour,
                        array_map($told, $grounds),
                        array_map($told, $this->pictures()),
                        array_map($told, $this->strokes()),
                        $this->encoding->toArray(),
                        $this->surround()?->toArray(),
                        array_map($told, $this->words()) ?: null,
                        array_map($told, $this->overlays()) ?: null,
                        $this->nextPage?->hash(),
                    ],
                    fn (mixed $part): bool => $part !== null,
                ),
            ),
        );
    }

    /**
     * @template T of Layer
     *
     * @param  class-string<T>  $kind
     * @return list<T>
     */
    private function of(string $kind): array
    {
        return array_values(array_filter($this->layers, fn (Layer $layer): bool => $layer instanceof $kind));
    }
}
