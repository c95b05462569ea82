<?php

declare(strict_types=1);

namespace Planisher\Plan;

use Planisher\Measure\Size;
use Planisher\Measure\Unit;
use Planisher\Plan\Layer\PictureLayer;

/**
 * The finished arithmetic of a line. The screen draws it, the checks judge it, the renderer executes it, the read-back
 * measures against it.
 *
 * @template-covariant O of OfFinish|null = OfFinish|null  what of its layout only its finish knows
 */
final readonly class Plan
{
    /**
     * @param  Layout<O>  $layout
     * @param  list<Part>  $parts  its pictures: one, or one a cell; none while all cells of a sheet are empty
     * @param  non-empty-list<PlannedFile>  $files
     * @param  PlannedFile  $shown  all of it in one, to look at: the file itself, or what a set is cut from
     * @param  Overprint  $added  what lies on it beside its pictures
     * @param  list<PlannedFile>  $copies  for a screen, made besides
     */
    public function __construct(
        public Layout $layout,
        public array $parts,
        public array $files,
        public PlannedFile $shown,
        public Overprint $added = new Overprint(),
        public array $copies = [],
    ) {}

    /**
     * @param  list<PlannedFile>  $copies  for a screen
     * @return self<O>
     */
    public function besides(array $copies): self
    {
        return new self($this->layout, $this->parts, $this->files, $this->shown, $this->added, $copies);
    }

    /**
     * The same, its files read back in a unit.
     *
     * @return self<O>
     */
    public function readIn(Unit $unit): self
    {
        $files = array_map(fn (PlannedFile $file): PlannedFile => $file->with(readIn: $unit), $this->files);

        return new self($this->layout, $this->parts, $files, $this->shown, $this->added, $this->copies);
    }

    /** @return non-empty-list<PlannedFile> the lab's and those for a screen */
    public function all(): array
    {
        return [...$this->files, ...$this->copies];
    }

    /** The ordered size, the way up it is used. */
    public function size(): Size
    {
        return $this->layout->size;
    }

    /** Target pixels per source pixel, of the picture that is enlarged most. */
    public function scale(): float
    {
        return max([0.0, ...array_map(fn (PictureLayer $placed): float => $placed->scale(), $this->shown->pictures())]);
    }

    /** The part with the fewest pixels for its size. */
    public function softest(): Part
    {
        return $this->first(fn (Part $part): float => $part->sharpness->ppi / $part->sharpness->least);
    }

    /** The part that loses most of its picture. */
    public function mostCut(): Part
    {
        return $this->first(fn (Part $part): float => -$part->cut->area);
    }

    /** Its picture, where it has only one. */
    public function only(): ?Part
    {
        return count($this->parts) === 1 ? $this->parts[0] : null;
    }

    public function hash(): string
    {
        return hash('sha256', implode('', array_map(fn (PlannedFile $f): string => $f->hash(), $this->files)));
    }

    /** @param  \Closure(Part): float  $weight  the part that has the least comes first */
    private function first(\Closure $weight): Part
    {
        $parts = $this->parts ?: throw new \LogicException('It has no picture yet.');
        usort($parts, fn (Part $a, Part $b): int => $weight($a) <=> $weight($b));

        return $parts[0];
    }
}
