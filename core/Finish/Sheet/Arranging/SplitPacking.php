<?php

declare(strict_types=1);

namespace Planisher\Finish\Sheet\Arranging;

/**
 * The largest cells first, each into the corner of the free piece that it fits most tightly, whichever way up; what is left of
 * that piece is two free pieces, parted by one straight cut.
 */
final class SplitPacking
{
    /**
     * @param  list<CellSize>  $kinds  the largest first
     * @param  bool  $keepsLong  parts what is left so that the larger of the two pieces is as large as can be; else the other way
     * @return list<list<Placed>> sheet by sheet
     */
    public static function pack(array $kinds, int $width, int $height, bool $keepsLong): array
    {
        $sheets = [];
        $free = []; // pieces as [sheet, x, y, width, height]
        foreach ($kinds as $at => $kind) {
            for ($n = 0; $n < $kind->count; $n++) {
                $best = self::tightest($free, $kind);
                if ($best === null) {
                    $free[] = [count($sheets), 0, 0, $width, $height];
                    $sheets[] = [];
                    $best = self::tightest($free, $kind) ?? throw new \LogicException('A cell that fits no sheet isn’t packed.');
                }
                [$piece, [$wide, $high]] = $best;
                [$sheet, $x, $y, $across, $down] = $free[$piece];
                unset($free[$piece]);
                $sheets[$sheet][] = new Placed($at, $x, $y, $wide, $high);
                array_push($free, ...self::left($sheet, $x, $y, [$across, $down], [$wide, $high], $keepsLong));
            }
        }

        return array_values($sheets);
    }

    /**
     * @param  array<int, array{int, int, int, int, int}>  $free
     * @return ?array{int, array{int, int}} which piece, and the way the cell lies in it
     */
    private static function tightest(array $free, CellSize $kind): ?array
    {
        $best = null;
        $least = null;
        foreach ($free as $at => [$sheet, , , $across, $down]) {
            foreach ($kind->ways() as $way) {
                $left = [$across - $way[0], $down - $way[1]];
                if (min($left) >= 0 && ($least === null || [$sheet, min($left), max($left)] < $least)) {
                    [$best, $least] = [[$at, $way], [$sheet, min($left), max($left)]];
                }
            }
        }

        return $best;
    }

    /**
     * @param  array{int, int}  $piece  width and height
     * @param  array{int, int}  $cell
     * @return list<array{int, int, int, int, int}>
     */
    private static function left(int $sheet, int $x, int $y, array $piece, array $cell, bool $keepsLong): array
    {
        [$across, $down] = $piece;
        [$wide, $high] = $cell;
        $isDown = $across - $wide > $down - $high === $keepsLong; // whether the cut beside the cell goes all the way down
        $left = [
            [$sheet, $x + $wide, $y, $across - $wide, $isDown ? $down : $high],
            [$sheet, $x, $y + $high, $isDown ? $wide : $across, $down - $high],
        ];

        return array_values(array_filter($left, fn (array $free): bool => $free[3] > 0 && $free[4] > 0));
    }
}
