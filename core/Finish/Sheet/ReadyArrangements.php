<?php

declare(strict_types=1);

namespace Planisher\Finish\Sheet;

use Planisher\Measure\Length;
use Planisher\Measure\Size;

/**
 * Ways to share a sheet out that arithmetic gives: halved and halved again, rows and columns of one size, and a half beside a half
 * that is halved again. Only where sides come out without a remainder.
 */
final class ReadyArrangements
{
    private const MOST_EACH_WAY = 4;

    private const DECIMALS = 1000;

    /** Nothing longer is cut for a print: a strip of 2 × 6 in is. */
    private const LONGEST = 3;

    /** @return list<list<Size>> the sizes of the cells of each way, the fewest cells first */
    public static function of(Size $sheet): array
    {
        $sheet = $sheet->portrait();
        $ways = [];
        foreach (range(1, self::MOST_EACH_WAY) as $across) {
            foreach (range(1, self::MOST_EACH_WAY) as $down) {
                $size = self::part($sheet, $across, $down);
                if ($across * $down > 1 && $size !== null) {
                    $ways[] = array_fill(0, $across * $down, $size);
                }
            }
        }
        foreach ([[1, 2], [2, 1]] as [$across, $down]) {
            $half = self::part($sheet, $across, $down);
            foreach ([[$across * 2, $down], [$across, $down * 2]] as [$more, $lower]) {
                $quarter = self::part($sheet, $more, $lower);
                if ($half !== null && $quarter !== null) {
                    $ways[] = [$half, $quarter, $quarter];
                }
            }
        }
        $once = [];
        foreach ($ways as $way) {
            $once[implode(', ', array_map(fn (Size $size): string => (string) $size->portrait(), $way))] ??= $way;
        }
        usort($once, fn (array $a, array $b): int => [count($a), $b[0]->areaSquareInches()] <=> [count($b), $a[0]->areaSquareInches()]);

        return $once;
    }

    /** One of so many columns and rows; null where a side has a remainder. */
    private static function part(Size $sheet, int $across, int $down): ?Size
    {
        $sides = [];
        foreach ([[$sheet->width, $across], [$sheet->height, $down]] as [$side, $by]) {
            $step = intdiv($side->unit->nanometres(), self::DECIMALS);
            if ($side->nanometres % ($by * $step) !== 0) {
                return null;
            }
            $sides[] = Length::exact(intdiv($side->nanometres, $by), $side->unit);
        }

        $size = Size::of($sides[0], $sides[1])->portrait();

        return $size->height->nanometres > self::LONGEST * $size->width->nanometres ? null : $size;
    }
}
