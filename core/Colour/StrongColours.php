<?php

declare(strict_types=1);

namespace Planisher\Colour;

/**
 * The strongest colours of a picture: its pixels clustered in Lab (k-means, Lloyd 1982), each cluster shown by the pixel
 * nearest its middle, those that take much room or stand out first.
 */
final class StrongColours
{
    private const CLUSTERS = 9;

    private const ROUNDS = 12;

    /** Two colours nearer than this to each other look like one. ΔE*ab */
    private const APART = 12.0;

    /** A cluster of this chroma weighs twice one of grey. */
    private const CHROMA_DOUBLES = 40.0;

    /**
     * @param  non-empty-list<Rgb>  $pixels  a few hundred to a few thousand of them
     * @return list<Rgb> at most $most, the strongest first
     */
    public static function of(array $pixels, int $most = 5): array
    {
        $points = array_map(CieLab::ofRgb(...), $pixels);
        $middles = self::seeds($points);
        $members = [];
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $members = self::assign($points, $middles);
            $middles = array_map(
                fn (array $of, int $i): CieLab => $of === [] ? $middles[$i] : self::mean($points, $of),
                $members,
                array_keys($members),
            );
        }
        $clusters = [];
        foreach ($members as $i => $of) {
            if ($of !== []) {
                $nearest = self::nearest($points, $of, $middles[$i]);
                $clusters[] = ['pixel' => $nearest, 'weight' => count($of) * (1 + $points[$nearest]->chroma() / self::CHROMA_DOUBLES)];
            }
        }
        usort($clusters, fn (array $a, array $b): int => $b['weight'] <=> $a['weight']);
        $strong = [];
        foreach ($clusters as ['pixel' => $pixel]) {
            $alike = array_filter($strong, fn (int $taken): bool => $points[$taken]->squaredDistance($points[$pixel]) < self::APART ** 2);
            if ($alike === [] && count($strong) < $most) {
                $strong[] = $pixel;
            }
        }

        return array_map(fn (int $pixel): Rgb => $pixels[$pixel], $strong);
    }

    /**
     * The first pixel, then again and again the one farthest from all taken: the same every time, and far colours are not missed.
     *
     * @param  non-empty-list<CieLab>  $points
     * @return non-empty-list<CieLab>
     */
    private static function seeds(array $points): array
    {
        $seeds = [$points[0]];
        $distances = array_map(fn (CieLab $p): float => $p->squaredDistance($points[0]), $points);
        while (count($seeds) < self::CLUSTERS && max($distances) > 1) {
            $seed = $points[(int) array_search(max($distances), $distances, true)];
            $seeds[] = $seed;
            $distances = array_map(fn (CieLab $p, float $d): float => min($d, $p->squaredDistance($seed)), $points, $distances);
        }

        return $seeds;
    }

    /**
     * @param  non-empty-list<CieLab>  $points
     * @param  list<CieLab>  $middles
     * @return list<list<int>> indices of points by middle
     */
    private static function assign(array $points, array $middles): array
    {
        $members = array_fill(0, count($middles), []);
        foreach ($points as $i => $point) {
            $best = 0;
            $least = INF;
            foreach ($middles as $m => $middle) {
                $distance = $point->squaredDistance($middle);
                if ($distance < $least) {
                    [$best, $least] = [$m, $distance];
                }
            }
            $members[$best][] = $i;
        }

        return $members;
    }

    /**
     * @param  list<CieLab>  $points
     * @param  non-empty-list<int>  $of
     */
    private static function mean(array $points, array $of): CieLab
    {
        [$l, $a, $b] = [0.0, 0.0, 0.0];
        foreach ($of as $i) {
            $l += $points[$i]->lightness;
            $a += $points[$i]->a;
            $b += $points[$i]->b;
        }
        $n = count($of);

        return new CieLab($l / $n, $a / $n, $b / $n);
    }

    /**
     * @param  list<CieLab>  $points
     * @param  non-empty-list<int>  $of
     */
    private static function nearest(array $points, array $of, CieLab $middle): int
    {
        usort($of, fn (int $x, int $y): int => $points[$x]->squaredDistance($middle) <=> $points[$y]->squaredDistance($middle));

        return $of[0];
    }
}
