<?php

declare(strict_types=1);

namespace Planisher\Finish\Sheet;

use Planisher\Drawing\Dimension;
use Planisher\Drawing\Dimensions;
use Planisher\Finish\DrawsParts;
use Planisher\Finish\Hangs;
use Planisher\Finish\Sheet\Arranging\CutOrder;
use Planisher\Finish\Sheet\Arranging\GuillotineCut;
use Planisher\Finish\TakesFigures;
use Planisher\Finish\TypedFigure;
use Planisher\Finish\UsesOfLab;
use Planisher\Line\LineChange;
use Planisher\Line\LineSpec;
use Planisher\Measure\Box;
use Planisher\Measure\Length;
use Planisher\Measure\MeasureError;
use Planisher\Measure\Unit;
use Planisher\Plan\Layout;
use Planisher\Plan\LineContext;
use Planisher\Plan\Plan;

/**
 * A shared sheet as it is drawn: its sheets beside each other, the prints on them, and the numbered cuts.
 *
 * @implements DrawsParts<SheetWanted, SheetLayout>
 * @implements Hangs<SheetWanted, SheetLayout>
 * @implements TakesFigures<SheetWanted, SheetLayout>
 * @implements UsesOfLab<SheetWanted, SheetLayout>
 */
final class SheetDimensioning implements DrawsParts, Hangs, TakesFigures, UsesOfLab
{
    public function dimensions(Layout $layout): array
    {
        return (new Dimensions($layout->size))->ordered()->all();
    }

    /** Figures of a print are named by its number, from 1: print-3-left, print-3-at (“1 in, 2 in”), print-3-swapped (“5”). */
    public function typed(LineSpec $line, Layout $layout, string $name, string $typed): LineChange
    {
        $wanted = $line->wanted;
        $sheet = $layout->own;
        if ($name === 'arranged') {
            return ByHand::arranged($wanted->cells);
        }
        if (preg_match('/^print-(\d{1,4})-(left|top|width|height|at|turned|swapped)$/', $name, $part) !== 1) {
            throw TypedFigure::unknown($name);
        }
        [$print, $what] = [(int) $part[1] - 1, $part[2]];
        $byHand = new ByHand($wanted, $sheet, $layout->size);
        $unit = $layout->size->width->unit;
        $spot = ($sheet->cells[$print] ?? throw MeasureError::noSuch('print on this sheet'))->spot;
        $exact = fn (int $nanometres): Length => Length::exact($nanometres, $unit);

        return match ($what) {
            'left' => $byHand->moved($print, Length::parse($typed, $unit), $exact($spot->box->y)),
            'top' => $byHand->moved($print, $exact($spot->box->x), Length::parse($typed, $unit)),
            'width', 'height' => $byHand->sized($print, $what === 'width', Length::parse($typed, $unit)),
            'at' => $byHand->moved($print, ...self::corner($typed, $unit)),
            'turned' => $byHand->turned($print),
            'swapped' => $byHand->swapped($print, (int) $typed - 1),
        };
    }

    public function uses(?LineContext $at): array
    {
        $wanted = $at === null ? null : $at->line->wanted;

        return ['sheetSize' => $wanted === null || $at === null ? null : (string) $wanted->sheet($at->lab)];
    }

    public function parts(?LineContext $at): array
    {
        $layout = $at?->plan?->layout->own;
        $unit = $at?->plan?->size()->width->unit;
        if ($layout === null || $unit === null) {
            return ['sheets' => [], 'prints' => [], 'cuts' => [], 'cutsSaid' => [], 'isByHand' => false];
        }

        return [
            'sheets' => array_map(fn (Box $sheet): array => $sheet->toArray(), $layout->sheets),
            'prints' => array_map(fn (LaidCell $cell): array => self::print($cell, $layout, $unit), $layout->cells),
            'cuts' => array_merge(...array_map(self::cuts(...), $layout->orders(), $layout->sheets)),
            'cutsSaid' => array_map(fn (CutOrder $order): string => CutsWording::of($order, $unit), $layout->orders()),
            'isByHand' => $at->line->wanted->isByHand(),
        ];
    }

    public function hung(Layout $layout): array
    {
        $sheet = $layout->own;

        return [$sheet->box(), array_map(fn (Box $box): array => [$box, $box], $sheet->sheets)];
    }

    /** @return array<string, mixed> lengths in mm */
    private static function print(LaidCell $cell, SheetLayout $layout, Unit $unit): array
    {
        [$drawn, $sheet] = [$layout->drawn($cell), $layout->sheets[$cell->spot->sheet]];
        $mm = fn (int $nanometres): float => $nanometres / Unit::Millimetre->nanometres();
        $figure = fn (string $name, bool $across, int $from, int $to): array => (new Dimension(
            $name,
            Length::ofNanometres($to - $from, $unit)->label(),
            $across,
            in_array($name, ['left', 'top'], true),
            $mm($from),
            $mm($to),
            true,
        ))->toArray();

        return [
            'cell' => $cell->cell,
            'sheet' => $cell->spot->sheet,
            'at' => $drawn->toArray(),
            'isTurned' => $cell->isTurned(),
            'label' => $cell->wanted->size()->label(),
            'paperColour' => (string) $cell->wanted->print->wanted->paperColour,
            ...self::picture($cell->plan),
            'dimensions' => [
                $figure('width', true, $drawn->x, $drawn->right()),
                $figure('height', false, $drawn->y, $drawn->bottom()),
                $figure('left', true, $sheet->x, $drawn->x),
                $figure('top', false, $sheet->y, $drawn->y),
            ],
        ];
    }

    /** @return array<string, mixed> the picture, and which part of it lands where on the print by itself */
    private static function picture(?Plan $plan): array
    {
        $part = $plan?->only();

        return [
            'picture' => $part === null
                    ? null
                    : ['sha256' => $part->picture->sha256, 'width' => $part->picture->width, 'height' => $part->picture->height],
            'image' => $part?->image->toArray(),
            'window' => $part?->window->toArray(),
        ];
    }

    /** @return list<array{number: int, left: float, top: float, right: float, bottom: float}> in mm */
    private static function cuts(CutOrder $order, Box $sheet): array
    {
        $mm = fn (int $nanometres): float => $nanometres / Unit::Millimetre->nanometres();

        return array_map(
            fn (GuillotineCut $cut, int $at): array => [
                'number' => $at + 1,
                'left' => $mm($sheet->x + ($cut->isDown ? $cut->at : $cut->piece->x)),
                'top' => $mm($sheet->y + ($cut->isDown ? $cut->piece->y : $cut->at)),
                'right' => $mm($sheet->x + ($cut->isDown ? $cut->at : $cut->piece->right())),
                'bottom' => $mm($sheet->y + ($cut->isDown ? $cut->piece->bottom() : $cut->at)),
            ],
            $order->cuts,
            array_keys($order->cuts),
        );
    }

    /** @return array{Length, Length} of “1 in, 2 in” */
    private static function corner(string $typed, Unit $unit): array
    {
        $sides = explode(', ', $typed);
        if (count($sides) !== 2) {
            throw MeasureError::noPlace($typed);
        }

        return [Length::parse($sides[0], $unit), Length::parse($sides[1], $unit)];
    }
}
