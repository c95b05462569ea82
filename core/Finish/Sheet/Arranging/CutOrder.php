<?php

declare(strict_types=1);

namespace Planisher\Finish\Sheet\Arranging;

use Planisher\Measure\Box;

/**
 * The straight cuts that free the cells of one sheet, in the order they are made: the largest piece first. What is left over
 * at a piece's edge is cut off first, in one go.
 */
final class CutOrder
{
    /** With more cells than this a cut is taken near the middle of its piece, instead of trying out which leaves fewest. */
    private const TRIED = 6;

    /** @var list<GuillotineCut> */
    public readonly array $cuts;

    /** The area of the largest piece left over, in square nanometres; 0 when nothing is. */
    public readonly float $offcut;

    /** @var list<Box> cells that no straight cut can free */
    public readonly array $stuck;

    /** @var array<string, int> fewest cuts by the cells of a piece */
    private array $fewest = [];

    /** @param  list<Box>  $cells  that don't overlap */
    private function __construct(Box $sheet, array $cells)
    {
        $cuts = [];
        $offcut = $cells === [] ? (float) $sheet->width * $sheet->height : 0.0;
        $stuck = [];
        for ($pieces = [[$sheet, $cells]]; $pieces !== [];) {
            usort($pieces, fn (array $a, array $b): int => self::area($b[0]) <=> self::area($a[0]));
            [$piece, $on] = array_shift($pieces);
            $cut = $this->next($piece, $on);
            if ($cut === null) {
                $stuck = count($on) > 1 ? [...$stuck, ...$on] : $stuck;

                continue;
            }
            $cuts[] = $cut;
            foreach ($cut->pieces() as $half) {
                $there = self::in($half, $on);
                if ($there === []) {
                    $offcut = max($offcut, self::area($half));
                } else {
                    $pieces[] = [$half, $there];
                }
            }
        }
        $this->cuts = $cuts;
        $this->offcut = $offcut;
        $this->stuck = $stuck;
    }

    /** @param  list<Box>  $cells */
    public static function of(Box $sheet, array $cells): self
    {
        return new self($sheet, $cells);
    }

    /**
     * The next cut of a piece; null when it is a cell, or can't be cut.
     *
     * @param  list<Box>  $cells
     */
    private function next(Box $piece, array $cells): ?GuillotineCut
    {
        if ($cells === []) {
            return null;
        }
        $trim = self::trim($piece, $cells);
        if ($trim !== null || count($cells) === 1) {
            return $trim;
        }
        $between = self::between($piece, $cells);
        if (count($between) < 2) {
            return $between[0] ?? null;
        }
        $weight =
            count($cells) <= self::TRIED
                ? fn (GuillotineCut $cut): array => [$this->fewestAfter($cut, $cells), self::offMiddle($cut)]
                : fn (GuillotineCut $cut): array => [self::offMiddle($cut)];
        $weights = array_map($weight, $between);
        asort($weights);

        return $between[(int) array_key_first($weights)];
    }

    /** @param  list<Box>  $cells */
    private function fewestAfter(GuillotineCut $cut, array $cells): int
    {
        return array_sum(array_map(fn (Box $half): int => $this->fewest($half, self::in($half, $cells)), $cut->pieces()));
    }

    /** @param  list<Box>  $cells */
    private function fewest(Box $piece, array $cells): int
    {
        if ($cells === []) {
            return 0;
        }
        $trims = 0;
        for ($trim = self::trim($piece, $cells); $trim !== null; $trim = self::trim($piece, $cells)) {
            $trims++;
            [$one, $other] = $trim->pieces();
            $piece = $cells[0]->liesIn($one) ? $one : $other;
        }
        $key = implode(' ', array_map(fn (Box $cell): string => "{$cell->x},{$cell->y}", $cells));

        return $trims + ($this->fewest[$key] ??= $this->fewestOf($piece, $cells));
    }

    /** @param  non-empty-list<Box>  $cells  that reach all the piece's edges */
    private function fewestOf(Box $piece, array $cells): int
    {
        if (count($cells) === 1) {
            return 0;
        }
        $fewest = null;
        foreach (self::between($piece, $cells) as $cut) {
            $cuts = 1 + $this->fewestAfter($cut, $cells);
            $fewest = $fewest === null ? $cuts : min($fewest, $cuts);
        }

        return $fewest ?? 0;
    }

    /**
     * What is left over at an edge, the largest first.
     *
     * @param  non-empty-list<Box>  $cells
     */
    private static function trim(Box $piece, array $cells): ?GuillotineCut
    {
        $all = array_reduce($cells, fn (Box $all, Box $cell): Box => $all->with($cell), $cells[0]);
        $trims = [
            [$all->x - $piece->x, new GuillotineCut($piece, true, $all->x), $piece->height],
            [$piece->right() - $all->right(), new GuillotineCut($piece, true, $all->right()), $piece->height],
            [$all->y - $piece->y, new GuillotineCut($piece, false, $all->y), $piece->width],
            [$piece->bottom() - $all->bottom(), new GuillotineCut($piece, false, $all->bottom()), $piece->width],
        ];
        $there = array_values(array_filter($trims, fn (array $trim): bool => $trim[0] > 0));
        usort($there, fn (array $a, array $b): int => (float) $b[0] * $b[2] <=> (float) $a[0] * $a[2]);

        return $there[0][1] ?? null;
    }

    /**
     * Every cut between cells: along the edge of those before it, where none lies across.
     *
     * @param  non-empty-list<Box>  $cells
     * @return list<GuillotineCut>
     */
    private static function between(Box $piece, array $cells): array
    {
        $cuts = [];
        foreach ([true, false] as $isDown) {
            $sides = array_map(fn (Box $cell): array => $isDown ? [$cell->x, $cell->right()] : [$cell->y, $cell->bottom()], $cells);
            sort($sides);
            $end = $sides[0][1];
            foreach (array_slice($sides, 1) as [$from, $to]) {
                if ($from >= $end) {
                    $cuts[] = new GuillotineCut($piece, $isDown, $end);
                }
                $end = max($end, $to);
            }
        }

        return $cuts;
    }

    /**
     * @param  list<Box>  $cells
     * @return list<Box> those on a piece
     */
    private static function in(Box $piece, array $cells): array
    {
        return array_values(array_filter($cells, fn (Box $cell): bool => $cell->liesIn($piece)));
    }

    /** How far a cut is from halving its piece: 0 to 0.5. */
    private static function offMiddle(GuillotineCut $cut): float
    {
        return abs(0.5 - $cut->fromEdge() / ($cut->isDown ? $cut->piece->width : $cut->piece->height));
    }

    private static function area(Box $box): float
    {
        return (float) $box->width * $box->height;
    }
}
