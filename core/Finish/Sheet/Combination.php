<?php

declare(strict_types=1);

namespace Planisher\Finish\Sheet;

use Planisher\Finish\Finishes;
use Planisher\Finish\Print\PrintWanted;
use Planisher\Finish\Sheet\Arranging\Arrangement;
use Planisher\Finish\Sheet\Arranging\Spot;
use Planisher\Lab\LabCard;
use Planisher\Line\LineKeys;
use Planisher\Line\LineSpec;
use Planisher\Measure\Figure;
use Planisher\Measure\Size;
use Planisher\Measure\Unit;
use Planisher\OrderFile\JsonNode;

/** Prints put together on shared sheets, and taken apart again. */
final class Combination
{
    public static function takes(LineSpec $line): bool
    {
        return $line->wanted instanceof PrintWanted || $line->wanted instanceof SheetWanted;
    }

    /**
     * @param  non-empty-list<LineSpec>  $lines
     * @return array<string, mixed>
     */
    public static function gathered(array $lines, string $size): array
    {
        $all = array_map(self::ofAll(...), $lines);
        $isAlike = count(array_unique($all, SORT_REGULAR)) === 1;

        return [
            'make' => SheetFinish::NAME,
            'size' => $size,
            ...$isAlike ? $all[0] : [],
            SheetWanted::NAME => ['cells' => array_merge(...array_map(self::cells(...), $lines))],
        ];
    }

    /** @return list<array<string, mixed>> */
    public static function apart(LineSpec $line): array
    {
        $cells = $line->wanted instanceof SheetWanted ? $line->wanted->cells : [];
        $ofAll = self::ofAll($line) + array_intersect_key($line->toArray(), ['forPaper' => true]);

        return array_map(
            fn (Cell $cell): array => ['make' => Finishes::USUAL] + array_diff_key($cell->toArray(), ['at' => true]) + $ofAll,
            $cells,
        );
    }

    /**
     * @param  non-empty-list<LineSpec>  $lines
     * @return list<array<string, mixed>>
     */
    public static function tried(array $lines, LabCard $lab): array
    {
        return array_map(
            fn (SheetOffer $offer): array => [
                'size' => (string) $offer->size,
                'label' => $offer->size->label(),
                'sheets' => $offer->arrangement->sheets(),
                'waste' => $offer->arrangement->waste(),
                'wasted' => Figure::percent($offer->arrangement->waste()),
                'price' => $offer->price?->label(),
                ...self::drawn($offer->arrangement),
            ],
            SheetOffers::all(self::wanted(self::gathered($lines, SheetWanted::CHEAPEST)), $lab),
        );
    }

    /** @return list<array<string, mixed>> */
    public static function ready(Size $sheet): array
    {
        $ways = [];
        foreach (ReadyArrangements::of($sheet) as $way) {
            $cells = array_map(fn (Size $size): array => ['size' => (string) $size], $way); // a picture each
            $wanted = self::wanted(['make' => SheetFinish::NAME, 'size' => (string) $sheet, SheetWanted::NAME => ['cells' => $cells]]);
            $arrangement = CellsArranged::on($wanted, $sheet);
            if ($arrangement !== null && $arrangement->sheets() === 1) {
                $ways[] = ['label' => CellsWording::of($wanted->cells), 'cells' => $cells, ...self::drawn($arrangement)];
            }
        }

        return $ways;
    }

    /** @param  LineForm  $line  that makes a shared sheet */
    private static function wanted(array $line): SheetWanted
    {
        return SheetWanted::fromNode(JsonNode::root($line));
    }

    /** @return array<string, mixed> what is said of a whole sheet, and of each line once it is taken apart */
    private static function ofAll(LineSpec $line): array
    {
        return LineKeys::common()->ofWholeSheets()->in($line->toArray());
    }

    /** @return list<array<string, mixed>> the cells that a line's prints become */
    private static function cells(LineSpec $line): array
    {
        return $line->wanted instanceof SheetWanted
            ? array_map(fn (Cell $cell): array => array_diff_key($cell->toArray(), ['at' => true]), $line->wanted->cells)
            : [Cell::in($line->toArray())];
    }

    /** @return array{paper: array{width: float, height: float}, prints: list<array{sheet: int, at: array<string, float>}>} in mm */
    private static function drawn(Arrangement $arrangement): array
    {
        $mm = fn (int $nanometres): float => $nanometres / Unit::Millimetre->nanometres();

        return [
            'paper' => ['width' => $mm($arrangement->sheet->width), 'height' => $mm($arrangement->sheet->height)],
            'prints' => array_map(fn (Spot $spot): array => ['sheet' => $spot->sheet, 'at' => $spot->box->toArray()], $arrangement->spots),
        ];
    }
}
