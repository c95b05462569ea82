<?php

declare(strict_types=1);

namespace Planisher\Finish\Sheet;

use Planisher\Colour\Rgb;
use Planisher\Finish\Print\PrintPlanner;
use Planisher\Finish\Sheet\Arranging\Spot;
use Planisher\Lab\LabCard;
use Planisher\Line\LineSpec;
use Planisher\Measure\Box;
use Planisher\Measure\PixelRect;
use Planisher\Measure\Resolution;
use Planisher\Measure\Size;
use Planisher\Naming\FileName;
use Planisher\Picture\PictureFacts;
use Planisher\Plan\Encoding;
use Planisher\Plan\Layer\GroundLayer;
use Planisher\Plan\Layer\Layer;
use Planisher\Plan\Layer\PictureLayer;
use Planisher\Plan\Layout;
use Planisher\Plan\Overprint;
use Planisher\Plan\Placement;
use Planisher\Plan\Plan;
use Planisher\Plan\PlannedFile;
use Planisher\Plan\Scale;
use Planisher\Studio\OrderContext;

/** Plans several prints on shared sheets: each as it is by itself, laid on the sheet's own pixels. */
final class SheetPlanner
{
    private function __construct(
        private readonly SheetWanted $wanted,
        private readonly LineSpec $line,
        private readonly LabCard $lab,
        private readonly FileName $name,
        private readonly Resolution $resolution,
        private readonly Encoding $encoding,
        private readonly OrderContext $orderContext,
    ) {}

    /**
     * @param  non-empty-list<?PictureFacts>  $pictures  cell by cell
     * @param  LineSpec<SheetWanted>  $line
     * @return ?Plan null when a cell is larger than the sheet, or no cell has a copy
     */
    public static function plan(LineSpec $line, array $pictures, LabCard $lab, FileName $name, OrderContext $orderContext): ?Plan
    {
        $wanted = $line->wanted;
        $arrangement = $wanted->arrangement($lab);
        $size = $wanted->sheet($lab);
        if ($arrangement === null || $size === null) {
            return null;
        }
        $resolution = Scale::asked($line, $lab);
        $encoding = Encoding::of($line->on($line), $lab, $resolution, self::largest($wanted));
        $planner = new self($wanted, $line, $lab, $name, $resolution, $encoding, $orderContext);
        $layout = SheetLayout::of($arrangement, $planner->cells($arrangement->spots, $pictures));
        $upright = $size->width->nanometres === $arrangement->sheet->width ? $size : $size->turned();
        $added = Overprint::to($line, new Layout($upright, $arrangement->sheet, $arrangement->sheet, 0), null, $orderContext);
        $files = [];
        $names = $name->files();
        foreach (array_keys($layout->sheets) as $sheet) {
            // what is only tried out has no names of its own
            $files[] = $planner->file($names[$sheet] ?? $names[0], $arrangement->sheet, $layout->on($sheet), $added);
        }
        $parts = array_map(fn (LaidCell $cell): array => $cell->plan->parts ?? [], $layout->cells);

        return new Plan(
            new Layout($upright, $arrangement->sheet, $layout->box()->grown($planner->bleed()), $planner->bleed(), $layout),
            array_merge(...$parts),
            $files,
            count($files) === 1 ? $files[0] : $planner->together($files, $layout),
            $added,
        );
    }

    /** White round each sheet that the lab trims away, in nanometres. */
    private function bleed(): int
    {
        return $this->lab->bleed->nanometres ?? 0;
    }

    /** The print that is looked at from farthest away. */
    private static function largest(SheetWanted $wanted): Size
    {
        $sizes = array_map(fn (Cell $cell): Size => $cell->size(), $wanted->cells);
        usort($sizes, fn (Size $a, Size $b): int => $b->diagonalInches() <=> $a->diagonalInches());

        return $sizes[0];
    }

    /**
     * @param  non-empty-list<Spot>  $spots
     * @param  non-empty-list<?PictureFacts>  $pictures
     * @return non-empty-list<LaidCell>
     */
    private function cells(array $spots, array $pictures): array
    {
        $laid = [];
        $next = 0;
        foreach ($this->wanted->cells as $at => $cell) {
            for ($copy = 0; $copy < $cell->print->copies; $copy++) {
                $spot = $spots[$next++];
                $picture = $pictures[$at] ?? null;
                $laid[] = new LaidCell($at, $cell, $spot, $picture === null ? null : $this->print($cell, $spot, $picture));
            }
        }

        return $laid ?: throw new \LogicException('What is arranged has a cell.');
    }

    /** A cell's print, of as many pixels as the sheet has where it lies. */
    private function print(Cell $cell, Spot $spot, PictureFacts $picture): Plan
    {
        $there = $spot->box->pixels($this->resolution);
        $turned = PixelRect::ofSize($there->height, $there->width);

        return PrintPlanner::plan(
            $cell->print->on($this->line),
            $picture,
            $this->lab->cutting($cell->size()),
            $this->name,
            $this->orderContext,
            fn (Size $size): PixelRect => $size->width->nanometres === $spot->box->width
                ? PixelRect::ofSize($there->width, $there->height)
                : $turned,
        );
    }

    /** @param  list<LaidCell>  $cells */
    private function file(string $name, Box $sheet, array $cells, Overprint $added): PlannedFile
    {
        $paper = $sheet->pixels($this->resolution);
        $bleed = $this->resolution->pixelAt($this->bleed());
        $there = array_values(array_filter($cells, fn (LaidCell $cell): bool => $cell->spot->box->meets($sheet)));
        $marks = $this->wanted->cutMarks
            ? CutMarks::on(
                $paper,
                array_map(fn (LaidCell $cell): PixelRect => $cell->spot->box->pixels($this->resolution), $there),
                $this->resolution,
            )
            : [];

        $whole = PixelRect::ofSize($paper->width + 2 * $bleed, $paper->height + 2 * $bleed);
        $laid = new Placement($paper, $bleed, $bleed);
        $layers = array_map(fn (Layer $layer): Layer => $layer->laid($laid), [
            ...array_merge(...array_map($this->layers(...), $there)),
            ...$marks,
            ...$added->layers($paper, $paper, $this->resolution),
        ]);

        return new PlannedFile(
            $name,
            $whole->width,
            $whole->height,
            $this->resolution,
            [new GroundLayer($whole, Rgb::white()), ...$layers],
            $this->encoding,
        );
    }

    /** @return list<Layer> of one cell, on its sheet */
    private function layers(LaidCell $cell): array
    {
        $print = $cell->plan?->shown;
        if ($print === null) {
            return [];
        }
        $there = $cell->spot->box->pixels($this->resolution);
        $layers = $print->on(new Placement($print->whole(), $there->x, $there->y, $cell->isTurned()), Rgb::white());
        $tone = $print->encoding->tone;
        $isLifted = ! $tone->equals($this->encoding->tone);

        return array_map(fn (Layer $layer): Layer => $isLifted && $layer instanceof PictureLayer ? $layer->lifted($tone) : $layer, $layers);
    }

    /**
     * All sheets beside each other, to look at.
     *
     * @param  non-empty-list<PlannedFile>  $files
     */
    private function together(array $files, SheetLayout $layout): PlannedFile
    {
        $all = $layout->box()->grown($this->bleed());
        $paper = $all->from($all)->pixels($this->resolution);
        $layers = [];
        foreach ($files as $sheet => $file) {
            $at = $layout->sheets[$sheet]->pixels($this->resolution);
            array_push(
                $layers,
                ...array_map(fn (Layer $layer): Layer => $layer->laid(new Placement($file->whole(), $at->x, $at->y)), $file->layers),
            );
        }

        return $files[0]->with(width: $paper->width, height: $paper->height, layers: [new GroundLayer($paper, Rgb::white()), ...$layers]);
    }
}
