<?php

declare(strict_types=1);

namespace Planisher\Plan;

use Planisher\Colour\Rgb;
use Planisher\Line\EdgeFill;
use Planisher\Measure\Resolution;

/** One file as it will be: its size in pixels, what lands where, how it is written. */
final readonly class PlannedFile
{
    /**
     * @param  Rgb  $paper  the colour of all that nothing else lies on
     * @param  list<Fill>  $fills  painted under the placements
     * @param  non-empty-list<Placement>  $placements
     * @param  list<Fill>  $strokes  painted over them
     * @param  ?Surround  $surround  how what lies round a canvas's face is filled
     * @param  ?self  $nextPage  a further page of the same file, of the same size
     */
    public function __construct(
        public string $name,
        public int $width,
        public int $height,
        public Resolution $resolution,
        public Rgb $paper,
        public array $fills,
        public array $placements,
        public array $strokes,
        public Encoding $encoding,
        public ?Surround $surround = null,
        public ?self $nextPage = null,
    ) {}

    /** The same with some of it changed, by name. */
    public function with(mixed ...$changed): self
    {
        return new self(...[...get_object_vars($this), ...$changed]);
    }

    /** Whether making it takes from the picture again what was taken before. */
    public function readsAgain(): bool
    {
        return $this->nextPage !== null || ($this->surround !== null && ($this->surround->fill !== EdgeFill::OneColour || $this->surround->darken !== null));
    }

    /** What the pixels take before any packing: exact for a TIFF (width × height × 3 × bytes a sample). */
    public function unpackedBytes(): int
    {
        return $this->width * $this->height * 3 * intdiv($this->encoding->bits, 8) + ($this->nextPage?->unpackedBytes() ?? 0);
    }

    /** The same for the same pixels in the same encoding, whatever the file is called. */
    public function hash(): string
    {
        return hash('sha256', (string) json_encode(array_filter([
            $this->width, $this->height, round($this->resolution->ppi(), 4), (string) $this->paper,
            array_map(fn (Fill $f): array => $f->toArray(), $this->fills),
            array_map(fn (Placement $p): array => $p->toArray(), $this->placements),
            array_map(fn (Fill $f): array => $f->toArray(), $this->strokes),
            $this->encoding->toArray(),
            $this->surround?->toArray(),
            $this->nextPage?->hash(),
        ], fn (mixed $part): bool => $part !== null)));
    }
}
