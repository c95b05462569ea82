<?php

declare(strict_types=1);

namespace Planisher\Plan\Layer;

use Planisher\Colour\Rgb;
use Planisher\Measure\PixelRect;
use Planisher\Measure\Unit;
use Planisher\Plan\Placement;
use Planisher\Words\Face;
use Planisher\Words\SetBlock;
use Planisher\Words\SetLine;
use Planisher\Words\Style;

/** Words that are set already: a block's lines, each where it stands. Positions within pixels are kept, so that a small copy agrees. */
final readonly class WordsLayer implements Layer
{
    /** How far swashes and accents may reach beyond their block, in ems. */
    private const OVERHANG = 0.5;

    /**
     * @param  float  $x  of the block's left top, as it is read, in the file
     * @param  float  $width  of the block, as it is read
     * @param  float  $size  of its type: an em in pixels
     * @param  non-empty-list<WordLine>  $lines
     * @param  bool  $isTurned  a quarter to the right about the block's left top
     */
    private function __construct(
        public float $x,
        public float $y,
        public float $width,
        public float $height,
        public float $size,
        public Face $face,
        public Style $style,
        public Rgb $colour,
        public array $lines,
        public bool $isTurned,
    ) {}

    /**
     * @param  float  $perNanometre  pixels
     * @param  PixelRect  $paper  that it is set on, in the file
     */
    public static function of(SetBlock $block, PixelRect $paper, float $perNanometre): self
    {
        $px = fn (float $nanometres): float => $nanometres * $perNanometre;

        return new self(
            $paper->x + $px($block->box->x),
            $paper->y + $px($block->box->y),
            $px($block->box->width),
            $px($block->box->height),
            $px($block->height),
            $block->face,
            $block->style,
            $block->colour,
            array_map(
                fn (SetLine $line): WordLine => new WordLine($line->text, $px($line->left), $px($line->baseline), $px($line->width)),
                $block->lines,
            ),
            false,
        );
    }

    /** Pixels of a nanometre. */
    public static function perNanometre(float $ppi): float
    {
        return $ppi / Unit::Inch->nanometres();
    }

    /** What it may paint on, its overhang included. */
    public function where(): PixelRect
    {
        $over = self::OVERHANG * $this->size;
        [$left, $top, $width, $height] = $this->isTurned
            ? [$this->x - $this->height, $this->y, $this->height, $this->width]
            : [$this->x, $this->y, $this->width, $this->height];

        return PixelRect::edges(
            (int) floor($left - $over),
            (int) floor($top - $over),
            (int) ceil($left + $width + $over),
            (int) ceil($top + $height + $over),
        );
    }

    public function laid(Placement $on): self
    {
        [$x, $y] = $on->point($this->x, $this->y);

        return new self(...[...get_object_vars($this), 'x' => $x, 'y' => $y, 'isTurned' => $on->isTurned || $this->isTurned]);
    }

    public function small(float $scale, PixelRect $whole): self
    {
        return new self(
            $this->x * $scale,
            $this->y * $scale,
            $this->width * $scale,
            $this->height * $scale,
            $this->size * $scale,
            $this->face,
            $this->style,
            $this->colour,
            array_map(fn (WordLine $line): WordLine => $line->small($scale), $this->lines),
            $this->isTurned,
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $rounded = fn (float $of): float => round($of, 2);

        return [
            'at' => [$rounded($this->x), $rounded($this->y)],
            'size' => $rounded($this->size),
            'face' => "{$this->face->folder()}/{$this->style->value}",
            'colour' => (string) $this->colour,
            'lines' => array_map(
                fn (WordLine $line): array => [$line->text, $rounded($line->left), $rounded($line->baseline)],
                $this->lines,
            ),
            ...$this->isTurned ? ['turned' => true] : [],
        ];
    }
}
