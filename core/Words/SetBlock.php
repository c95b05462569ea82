<?php

declare(strict_types=1);

namespace Planisher\Words;

use Planisher\Colour\Rgb;
use Planisher\Measure\Box;

/** A text that is set, its lines broken and placed on the paper: what the screen draws and the file is painted of. */
final readonly class SetBlock
{
    /**
     * @param  Face  $face  that it is set in: the wanted one, or one that has all of its letters
     * @param  float  $height  of its type, in nanometres
     * @param  Box  $box  on the paper; lines may reach a little beyond with swashes and accents
     * @param  non-empty-list<SetLine>  $lines
     * @param  list<string>  $missing  letters that no face has
     * @param  list<string>  $lacking  letters that the wanted face lacks
     * @param  bool  $isTooLong  for its place, at the smallest type there is
     * @param  ?int  $widest  that its lines may become, in nanometres
     */
    public function __construct(
        public Face $face,
        public Style $style,
        public float $height,
        public Rgb $colour,
        public Align $align,
        public Box $box,
        public array $lines,
        public array $missing = [],
        public array $lacking = [],
        public bool $isSmaller = false,
        public bool $isTooLong = false,
        public ?int $widest = null,
    ) {}

    /** The same with some of it changed, by name. */
    public function with(mixed ...$changed): self
    {
        return new self(...[...get_object_vars($this), ...$changed]);
    }

    /** The same with its left top there. */
    public function at(float $left, float $top): self
    {
        return $this->with(box: new Box((int) round($left), (int) round($top), $this->box->width, $this->box->height));
    }
}
