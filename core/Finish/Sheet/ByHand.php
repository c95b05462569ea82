<?php

declare(strict_types=1);

namespace Planisher\Finish\Sheet;

use Planisher\Line\LineChange;
use Planisher\Line\Turn;
use Planisher\Measure\Length;
use Planisher\Measure\MeasureError;
use Planisher\Measure\Size;

/**
 * Cells that are put somewhere by hand, as changes of their line. The first that is moved gives all others the place they have;
 * copies of a cell become cells of their own.
 */
final class ByHand
{
    /** @param  Size  $size  of the sheet, the way up it is used */
    public function __construct(private readonly SheetWanted $wanted, private readonly SheetLayout $layout, private readonly Size $size) {}

    /**
     * A print moved, its top left corner on its sheet.
     *
     * @param  int  $print  from 0, copies counted
     */
    public function moved(int $print, Length $x, Length $y): LineChange
    {
        $at = $this->at($print);

        return $this->with($print, ['at' => [...$at, 'x' => (string) $x, 'y' => (string) $y]]);
    }

    /**
     * A print turned a quarter where it lies, and moved back onto the sheet where it would leave it.
     */
    public function turned(int $print): LineChange
    {
        $cell = $this->cell($print);
        [$box, $sheet] = [$cell->spot->box, $this->layout->arrangement->sheet];
        $x = max(0, min($box->x, $sheet->width - $box->height));
        $y = max(0, min($box->y, $sheet->height - $box->width));

        return $this->with($print, [
            'at' => [...$this->at($print), 'x' => $this->exact($x), 'y' => $this->exact($y), 'turned' => ! $cell->spot->isTurned],
        ]);
    }

    /**
     * One side of a print, as it lies on the sheet.
     */
    public function sized(int $print, bool $isWidth, Length $length): LineChange
    {
        if ($length->nanometres === 0) {
            throw MeasureError::ofNothing('A cell of 0 can’t be cut out');
        }
        $laid = $this->cell($print);
        $now = $laid->wanted->size();
        $then = $isWidth !== $laid->spot->isTurned ? Size::of($length, $now->height) : Size::of($now->width, $length);

        return CellChange::of($this->wanted, [$laid->cell => LineChange::of(['size' => (string) $then])]);
    }

    /**
     * The pictures of two prints exchanged.
     */
    public function swapped(int $one, int $other): LineChange
    {
        [$first, $second] = [$this->cell($one)->cell, $this->cell($other)->cell];
        $forms = array_map(fn (Cell $cell): array => $cell->toArray(), $this->wanted->cells);
        foreach ([[$first, $second], [$second, $first]] as [$to, $from]) {
            $given = $this->wanted->cells[$from]->toArray();
            foreach (['picture', 'subject', 'window'] as $key) {
                $forms[$to] = array_diff_key($forms[$to], [$key => true]) + array_intersect_key($given, [$key => true]);
            }
        }

        return CellChange::all($forms);
    }

    /**
     * All cells arranged again.
     *
     * @param  list<Cell>  $cells
     */
    public static function arranged(array $cells): LineChange
    {
        return CellChange::all(array_map(fn (Cell $cell): array => array_diff_key($cell->toArray(), ['at' => true]), $cells));
    }

    /**
     * @param  array<string, mixed>  $changed  of its form
     */
    private function with(int $print, array $changed): LineChange
    {
        $forms = [];
        foreach ($this->layout->cells as $n => $cell) {
            $forms[] = [...$cell->wanted->toArray(), 'copies' => 1, 'at' => $this->at($n), ...$n === $print ? $changed : []];
        }
        $sheet = $this->layout->arrangement->sheet;
        $turn = $sheet->width > $sheet->height ? Turn::Landscape : Turn::Portrait;

        return CellChange::all($forms)->and(
            LineChange::of(['size' => (string) ($this->wanted->size ?? $this->size), 'turn' => $turn->value]),
        );
    }

    /** @return array{sheet: int, x: string, y: string, turned: bool} */
    private function at(int $print): array
    {
        $spot = $this->cell($print)->spot;

        return [
            'sheet' => $spot->sheet + 1,
            'x' => $this->exact($spot->box->x),
            'y' => $this->exact($spot->box->y),
            'turned' => $spot->isTurned,
        ];
    }

    private function exact(int $nanometres): string
    {
        return (string) Length::exact($nanometres, $this->size->width->unit);
    }

    private function cell(int $print): LaidCell
    {
        return $this->layout->cells[$print] ?? throw MeasureError::noSuch('cell');
    }
}
