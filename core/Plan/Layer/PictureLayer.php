<?php

declare(strict_types=1);

namespace Planisher\Plan\Layer;

use Planisher\Colour\ToneCurve;
use Planisher\Measure\PixelRect;
use Planisher\Picture\PictureFacts;
use Planisher\Plan\Placement;

/** A part of a picture, in source pixels as displayed, and where it lands; it may go beyond the file's edges. */
final readonly class PictureLayer implements Layer
{
    /**
     * @param  bool  $isTurned  a quarter to the right on its way there
     * @param  ?ToneCurve  $tone  what lifts it for its paper, where that isn't what lifts the whole file
     */
    public function __construct(
        public PictureFacts $picture,
        public PixelRect $source,
        public PixelRect $target,
        public bool $isTurned = false,
        public ?ToneCurve $tone = null,
    ) {}

    public function where(): PixelRect
    {
        return $this->target;
    }

    /** The same part of the picture landing elsewhere. */
    public function to(PixelRect $target): self
    {
        return new self($this->picture, $this->source, $target, $this->isTurned, $this->tone);
    }

    /** The same lifted by a curve of its own. */
    public function lifted(ToneCurve $tone): self
    {
        return new self($this->picture, $this->source, $this->target, $this->isTurned, $tone);
    }

    /** The same lifted by nothing of its own. */
    public function unlifted(): self
    {
        return new self($this->picture, $this->source, $this->target, $this->isTurned);
    }

    /**
     * Its size once it is scaled, the way up it is displayed.
     *
     * @return array{int, int} width and height in pixels
     */
    public function scaledTo(): array
    {
        return $this->isTurned ? [$this->target->height, $this->target->width] : [$this->target->width, $this->target->height];
    }

    /** Target pixels per source pixel: above 1 enlarges. The two directions never differ by more than a source pixel. */
    public function scale(): float
    {
        [$width, $height] = $this->scaledTo();

        return max($width / $this->source->width, $height / $this->source->height);
    }

    public function laid(Placement $on): self
    {
        if ($on->isTurned && $this->isTurned) {
            throw new \LogicException('A print that was laid turned isn’t turned again.');
        }

        return new self($this->picture, $this->source, $on->rect($this->target), $on->isTurned || $this->isTurned, $this->tone);
    }

    public function small(float $scale, PixelRect $whole): self
    {
        return $this->to($this->target->scaled($scale, $scale));
    }

    /** The same from a smaller copy of the picture. */
    public function from(PictureFacts $copy): self
    {
        $source = $this->source->scaled($copy->width / $this->picture->width, $copy->height / $this->picture->height);

        return new self($copy, $source, $this->target, $this->isTurned, $this->tone);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'picture' => $this->picture->sha256,
            'source' => $this->source->toArray(),
            'target' => $this->target->toArray(),
            ...$this->isTurned ? ['turned' => true] : [],
            ...$this->tone === null ? [] : ['tone' => [$this->tone->open, $this->tone->contrast]],
        ];
    }
}
