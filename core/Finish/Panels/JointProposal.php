<?php

declare(strict_types=1);

namespace Planisher\Finish\Panels;

use Planisher\Measure\Length;
use Planisher\Measure\Unit;

/**
 * Proportions that touch nothing marked: every joint moved as little as can be, in round lengths, a set that is symmetric
 * kept so where that is possible.
 */
final class JointProposal
{
    /** No panel becomes narrower than this share of an equal one. */
    private const NARROWEST = 0.3;

    /** What must stay in keeps this far from a joint. */
    public static function clear(): Length
    {
        return Length::of('5', Unit::Millimetre);
    }

    /**
     * @param  non-empty-list<Span>  $spans  as they are
     * @param  list<array{int, int}>  $marked  from and to on the undivided print, in nanometres
     * @param  int  $between  as in PanelGrid
     * @return ?non-empty-list<Length> null when there are no joints, or no proportions clear what is marked
     */
    public static function lengths(array $spans, array $marked, Length $side, int $between): ?array
    {
        $count = count($spans);
        if ($count < 2) {
            return null;
        }
        $shared = PanelGrid::shared($side->nanometres, $count, $between);
        $now = [];
        for ($i = 1, $edge = 0; $i < $count; $i++) {
            $now[] = $edge += $spans[$i - 1]->length;
        }
        $step = self::step($side->unit);
        $isFree = function (int $joint, int $edge) use ($marked, $between): bool {
            $ends = [$edge + $joint * $between, $edge + ($joint + 1) * $between];
            foreach ($marked as [$from, $to]) {
                if ($from < max($ends) + self::clear()->nanometres && $to > min($ends) - self::clear()->nanometres) {
                    return false;
                }
            }

            return true;
        };
        $least = (int) round((self::NARROWEST * $shared) / $count);
        $mirrored = array_map(fn (int $edge): int => $shared - $edge, array_reverse($now));
        $isSymmetric = max(array_map(fn (int $a, int $b): int => abs($a - $b), $now, $mirrored)) <= $count;
        $edges =
            ($isSymmetric ? self::symmetric($now, $shared, $step, $least, $isFree) : null) ??
            self::free($now, $shared, $step, $least, $isFree);

        return $edges === null ? null : self::between($edges, $shared, $side->unit);
    }

    /** The smallest step of a proposal: round figures read better. */
    private static function step(Unit $unit): int
    {
        return match ($unit) {
            Unit::Inch => intdiv(Unit::Inch->nanometres(), 4),
            Unit::Centimetre, Unit::Millimetre => 5 * Unit::Millimetre->nanometres(),
        };
    }

    /**
     * The edges nearest to those there are: each on the steps and free, none too close to its neighbour. Dynamic programming
     * over the joints from the left.
     *
     * @param  list<int>  $now
     * @param  \Closure(int, int): bool  $isFree
     * @return ?non-empty-list<int>
     */
    private static function free(array $now, int $end, int $step, int $least, \Closure $isFree): ?array
    {
        /** @var list<array<int, array{float, list<int>}>> $best by joint and edge: what it costs, and the edges up to it */
        $best = [];
        foreach ($now as $joint => $wanted) {
            $best[$joint] = [];
            $cheapest = $joint === 0 ? [0.0, []] : null;
            $before = $joint === 0 ? [] : $best[$joint - 1];
            for ($edge = $step; $edge <= $end - $least; $edge += $step) {
                // Edges before that are far enough away by now
                foreach ($before as $left => $way) {
                    if ($left > $edge - $least) {
                        break;
                    }
                    $cheapest = $cheapest === null || $way[0] < $cheapest[0] ? $way : $cheapest;
                    unset($before[$left]);
                }
                if ($cheapest !== null && $edge >= $least && $isFree($joint, $edge)) {
                    $best[$joint][$edge] = [$cheapest[0] + abs($edge - $wanted), [...$cheapest[1], $edge]];
                }
            }
        }
        $ways = $best[count($now) - 1];
        usort($ways, fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return $ways[0][1] ?? null ?: null;
    }

    /**
     * The same for a symmetric set: its left half decides, and both a joint and its mirror image must be free.
     *
     * @param  non-empty-list<int>  $now
     * @param  \Closure(int, int): bool  $isFree
     * @return ?non-empty-list<int>
     */
    private static function symmetric(array $now, int $shared, int $step, int $least, \Closure $isFree): ?array
    {
        $joints = count($now);
        $half = intdiv($joints, 2);
        $middle = $joints % 2 === 1 ? [intdiv($shared, 2)] : [];
        if ($middle !== [] && ! $isFree($half, $middle[0])) {
            return null;
        }
        if ($half === 0) {
            return $middle ?: null;
        }
        $bothFree = fn (int $joint, int $edge): bool => $isFree($joint, $edge) && $isFree($joints - 1 - $joint, $shared - $edge);
        // Up to the middle joint, or so that the middle panel is not too narrow
        $left = self::free(array_slice($now, 0, $half), intdiv($shared + ($middle === [] ? $least : 0), 2), $step, $least, $bothFree);

        return $left === null ? null : [...$left, ...$middle, ...array_map(fn (int $edge): int => $shared - $edge, array_reverse($left))];
    }

    /**
     * @param  list<int>  $edges  of the joints, from 0
     * @return non-empty-list<Length>
     */
    private static function between(array $edges, int $end, Unit $unit): array
    {
        $before = [0, ...$edges];

        return array_map(fn (int $from, int $to): Length => Length::exact($to - $from, $unit), $before, [...$edges, $end]);
    }
}
