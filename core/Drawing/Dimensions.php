<?php

declare(strict_types=1);

namespace Planisher\Drawing;

use Planisher\Line\Side;
use Planisher\Measure\Length;
use Planisher\Measure\Size;
use Planisher\Measure\Unit;
use Planisher\Plan\Layout;
use Planisher\Plan\PanelGrid;
use Planisher\Plan\Wrap;

/** All dimensions of a print on its paper, the outermost first. Lengths that were typed show as they were typed. */
final class Dimensions
{
    /** @var list<Dimension> */
    private array $all = [];

    private function __construct(private readonly Layout $layout, private readonly Unit $unit) {}

    /** @return list<Dimension> */
    public static function of(Layout $layout): array
    {
        $dimensions = new self($layout, $layout->paper->width->unit);
        match (true) {
            $layout->wrap !== null => $dimensions->canvas($layout->wrap),
            $layout->grid !== null => $dimensions->panels($layout->grid),
            default => $dimensions->print(),
        };

        return array_values(array_filter($dimensions->all, fn (Dimension $d): bool => $d->to - $d->from > 0.0001));
    }

    /** @return list<Dimension> of a paper without a picture yet */
    public static function ofPaper(Size $paper): array
    {
        return [
            new Dimension('paper-width', $paper->width->label(), true, false, 0, $paper->width->in(Unit::Millimetre), true),
            new Dimension('paper-height', $paper->height->label(), false, false, 0, $paper->height->in(Unit::Millimetre), true),
        ];
    }

    private function print(): void
    {
        [$layout, $image, $paper] = [$this->layout, $this->layout->image, $this->layout->paper];
        [$left, $top] = [-$layout->surplus(Side::Left), -$layout->surplus(Side::Top)];
        if ($layout->carrier !== null) {
            $this->size('sheet-width', $layout->carrier->width->label(), true, $left, $left + $layout->carrier->width->nanometres, false);
            $this->size('sheet-height', $layout->carrier->height->label(), false, $top, $top + $layout->carrier->height->nanometres, false);
            $this->margin('trim-top', false, $top, 0, false);
            $this->margin('trim-bottom', false, $paper->height->nanometres, $paper->height->nanometres + $layout->surplus(Side::Bottom), false);
            $this->margin('trim-left', true, $left, 0, false);
            $this->margin('trim-right', true, $paper->width->nanometres, $paper->width->nanometres + $layout->surplus(Side::Right), false);
        }
        $this->paper();
        if (! $layout->imageFillsPaper()) {
            $this->size('image-width', $this->said($image->width), true, $image->left, $image->right(), true);
            $this->size('image-height', $this->said($image->height), false, $image->top, $image->bottom(), true);
            $this->margin('margin-top', false, 0, $image->top, true);
            $this->margin('margin-bottom', false, $image->bottom(), $paper->height->nanometres, true);
            $this->margin('margin-left', true, 0, $image->left, true);
            $this->margin('margin-right', true, $image->right(), $paper->width->nanometres, true);
        }
    }

    /** The face, the edge from fold to wall on each side, the spare beyond it, and all of it together. */
    private function canvas(Wrap $wrap): void
    {
        $paper = $this->layout->paper;
        $sheet = $this->layout->sheet();
        if ($wrap->around() > 0) {
            $this->size('sheet-width', $this->said($sheet->width), true, $sheet->left, $sheet->right(), false);
            $this->size('sheet-height', $this->said($sheet->height), false, $sheet->top, $sheet->bottom(), false);
        }
        $this->paper();
        [$depth, $spare] = [$wrap->typedDepth->label(), $wrap->typedSpare->label()];
        foreach ([['left', true, -$wrap->depth, -1], ['right', true, $paper->width->nanometres, 1], ['top', false, -$wrap->depth, -1], ['bottom', false, $paper->height->nanometres, 1]] as [$side, $across, $from, $outward]) {
            $this->margin("depth-{$side}", $across, $from, $from + $wrap->depth, true, $depth);
            $beyond = $outward > 0 ? $from + $wrap->depth : $from - $wrap->spare;
            $this->margin("spare-{$side}", $across, $beyond, $beyond + $wrap->spare, true, $spare);
        }
    }

    /** The set as it hangs: every panel, and a gap. */
    private function panels(PanelGrid $grid): void
    {
        $hung = $grid->hung();
        $paper = $this->layout->paper;
        foreach ([['width', 'column', true, $grid->columns, $hung->width, $paper->width], ['height', 'row', false, $grid->rows, $hung->height, $paper->height]] as [$word, $part, $across, $spans, $hangs, $side]) {
            $hangs === $side->nanometres
                ? $this->size("paper-{$word}", $side->label(), $across, 0, $hangs, true)
                : $this->size("wall-{$word}", $this->said($hangs), $across, 0, $hangs, false);
            foreach (count($spans) > 1 ? $spans : [] as $i => $span) {
                $this->margin("{$part}-".($i + 1), $across, $span->hangsFrom, $span->hangsTo(), true);
            }
            if ($grid->gap > 0 && count($spans) > 1) {
                $this->margin($across ? 'gap-across' : 'gap-down', $across, $spans[0]->hangsTo(), $spans[1]->hangsFrom, true);
            }
        }
    }

    private function paper(): void
    {
        $paper = $this->layout->paper;
        $this->size('paper-width', $paper->width->label(), true, 0, $paper->width->nanometres, true);
        $this->size('paper-height', $paper->height->label(), false, 0, $paper->height->nanometres, true);
    }

    private function size(string $name, string $label, bool $across, int $from, int $to, bool $canBeTyped): void
    {
        $this->all[] = new Dimension($name, $label, $across, false, $from / Unit::Millimetre->nanometres(), $to / Unit::Millimetre->nanometres(), $canBeTyped);
    }

    private function margin(string $name, bool $across, int $from, int $to, bool $canBeTyped, ?string $label = null): void
    {
        $this->all[] = new Dimension($name, $label ?? $this->said($to - $from), $across, true, $from / Unit::Millimetre->nanometres(), $to / Unit::Millimetre->nanometres(), $canBeTyped);
    }

    private function said(int $nanometres): string
    {
        return Length::ofNanometres($nanometres, $this->unit)->label();
    }
}
