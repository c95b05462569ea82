<?php

declare(strict_types=1);

namespace Planisher\Description;

use Planisher\Phrase\WordRow;

/** What a paper's gamut is beside a colour space's, in words: in which colours it reaches farther from white, in which less far. */
final class GamutDescription
{
    /** Of the CIE 1976 u′v′ diagram, the white of ICC.1's D50 */
    private const WHITE = [0.20916, 0.48807];

    private const HUES = ['reds', 'yellows', 'greens', 'cyans', 'blues', 'purples'];

    /** Nearer to 1 than this nobody would see it. */
    private const ALIKE = 0.05;

    /**
     * @param  list<array{float, float}>  $paper  its outline, u′ and v′, once round from red
     * @param  list<array{float, float}>  $space  an outline of as many places a hue
     */
    public static function beside(array $paper, array $space, string $spaceName): string
    {
        [$stronger, $weaker] = [[], []];
        foreach (self::HUES as $i => $hue) {
            $corner = $space[intdiv($i * count($space), count(self::HUES))];
            $toward = [$corner[0] - self::WHITE[0], $corner[1] - self::WHITE[1]];
            $reach = self::reach($paper, $toward) / self::reach($space, $toward);
            if ($reach > 1 + self::ALIKE) {
                $stronger[] = $hue;
            } elseif ($reach < 1 - self::ALIKE) {
                $weaker[] = $hue;
            }
        }
        $parts = array_filter([
            $stronger === [] ? null : 'Beyond '.$spaceName.' in '.WordRow::list($stronger),
            $weaker === [] ? null : ($stronger === [] ? "Short of {$spaceName} in " : 'short of it in ').WordRow::list($weaker),
        ]);

        return $parts === [] ? "Much as {$spaceName}." : implode('; ', $parts).'.';
    }

    /**
     * How far an outline lies from white in a direction, in units of the direction; the farthest where it is crossed more than once.
     *
     * @param  list<array{float, float}>  $outline
     * @param  array{float, float}  $toward
     */
    private static function reach(array $outline, array $toward): float
    {
        $farthest = 1e-6;
        foreach ($outline as $i => [$u, $v]) {
            [$nextU, $nextV] = $outline[($i + 1) % count($outline)];
            [$alongU, $alongV] = [$nextU - $u, $nextV - $v];
            $cross = $toward[0] * $alongV - $toward[1] * $alongU;
            if (abs($cross) < 1e-12) {
                continue;
            }
            [$fromU, $fromV] = [$u - self::WHITE[0], $v - self::WHITE[1]];
            $distance = ($fromU * $alongV - $fromV * $alongU) / $cross;
            $part = ($fromU * $toward[1] - $fromV * $toward[0]) / $cross;
            if ($part >= 0 && $part <= 1) {
                $farthest = max($farthest, $distance);
            }
        }

        return $farthest;
    }
}
