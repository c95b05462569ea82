<?php

declare(strict_types=1);

namespace Planisher\Colour;

/**
 * An RGB profile that is three curves and a matrix and nothing else (ICC.1:2010, 8.3.3 and 8.4.3), read exactly: what its codes
 * are in the connection space's XYZ.
 */
final readonly class MatrixShaper
{
    /** Curves with more points than this are no camera's or screen's. */
    private const MOST_POINTS = 65_536;

    /** Black lies at no light: what starts higher has a black point to be compensated for. */
    private const NO_LIGHT = 1e-6;

    /** How many numbers the parameters of each kind of curve are (ICC.1:2010, table 67). */
    private const PARAMETERS = [1, 3, 4, 5, 7];

    /**
     * @param  list<\Closure(float): float>  $curves  of red, green and blue: light of a code, both from 0 to 1
     * @param  Matrix  $toXyz  of D50
     */
    private function __construct(private array $curves, private Matrix $toXyz) {}

    /** Null for a profile of another kind, or one that can't be read as this. */
    public static function of(string $bytes): ?self
    {
        $tags = self::tags($bytes);
        $isOther = array_filter(array_keys($tags), fn (string $tag): bool => str_starts_with($tag, 'A2B') || str_starts_with($tag, 'D2B'));
        if (substr($bytes, 16, 4) !== 'RGB ' || substr($bytes, 20, 4) !== 'XYZ ' || $isOther !== []) {
            return null;
        }
        $columns = array_map(fn (string $tag): ?array => self::colour($tags[$tag] ?? ''), ['rXYZ', 'gXYZ', 'bXYZ']);
        $curves = array_map(fn (string $tag): ?\Closure => self::curve($tags[$tag] ?? ''), ['rTRC', 'gTRC', 'bTRC']);
        [$red, $green, $blue] = $columns;
        if ($red === null || $green === null || $blue === null) {
            return null;
        }
        $plain = array_values(array_filter($curves, fn (?\Closure $curve): bool => $curve !== null && $curve(0.0) < self::NO_LIGHT));

        return count($plain) === 3 ? new self($plain, (new Matrix([$red, $green, $blue]))->transposed()) : null;
    }

    /** Of a code of red (0), green (1) or blue (2), from 0 to 1. */
    public function light(int $channel, float $code): float
    {
        return max(0.0, min(1.0, $this->curves[$channel]($code)));
    }

    /**
     * @param  list<float>  $light  of red, green and blue
     * @return list<float> X, Y and Z of D50, Y of 1 for white
     */
    public function xyz(array $light): array
    {
        return $this->toXyz->of($light);
    }

    /** @return array<string, string> by signature, each with its type */
    private static function tags(string $bytes): array
    {
        $tags = [];
        for ($i = 0; $i < min(100, self::long($bytes, 128)); $i++) {
            $entry = 132 + 12 * $i;
            $tags[substr($bytes, $entry, 4)] = substr($bytes, self::long($bytes, $entry + 4), self::long($bytes, $entry + 8));
        }

        return $tags;
    }

    /** @return ?list<float> of a tag of one colour */
    private static function colour(string $tag): ?array
    {
        return str_starts_with($tag, 'XYZ ') && strlen($tag) >= 20 ? self::fixed(substr($tag, 8, 12)) : null;
    }

    /** @return ?\Closure(float): float */
    private static function curve(string $tag): ?\Closure
    {
        return match (strlen($tag) < 12 ? '' : substr($tag, 0, 4)) {
            'curv' => self::points($tag),
            'para' => self::formula($tag),
            default => null,
        };
    }

    /**
     * ICC.1:2010, 10.5: no point is a straight line, one a gamma, more are a curve.
     *
     * @return ?\Closure(float): float
     */
    private static function points(string $tag): ?\Closure
    {
        $count = self::long($tag, 8);
        $points = array_values((array) unpack('n*', substr($tag, 12, 2 * min($count, self::MOST_POINTS))));
        if (count($points) !== $count) {
            return null;
        }

        return match ($count) {
            0 => fn (float $code): float => $code,
            1 => fn (float $code): float => $code ** ($points[0] / 256),
            default => function (float $code) use ($points, $count): float {
                $at = $code * ($count - 1);
                $low = min($count - 2, (int) $at);

                return ($points[$low] + ($at - $low) * ($points[$low + 1] - $points[$low])) / 65_535;
            },
        };
    }

    /**
     * ICC.1:2010, 10.15
     *
     * @return ?\Closure(float): float
     */
    private static function formula(string $tag): ?\Closure
    {
        $kind = intdiv(self::long($tag, 8), 65_536);
        $given = self::fixed(substr($tag, 12, 4 * (self::PARAMETERS[$kind] ?? 0)));
        if (! isset(self::PARAMETERS[$kind]) || count($given) !== self::PARAMETERS[$kind]) {
            return null;
        }
        [$g, $a, $b, $c, $d, $e, $f] = $given + [1.0, 1.0, 0.0, 0.0, 0.0, 0.0, 0.0];
        $power = fn (float $of): float => max(0.0, $of) ** $g;

        return match ($kind) {
            0 => $power,
            1 => fn (float $x): float => $x >= -$b / $a ? $power($a * $x + $b) : 0.0,
            2 => fn (float $x): float => $x >= -$b / $a ? $power($a * $x + $b) + $c : $c,
            3 => fn (float $x): float => $x >= $d ? $power($a * $x + $b) : $c * $x,
            default => fn (float $x): float => $x >= $d ? $power($a * $x + $b) + $e : $c * $x + $f,
        };
    }

    /** @return list<float> of numbers written as s15Fixed16Number */
    private static function fixed(string $bytes): array
    {
        return array_map(
            fn (int $one): float => ($one >= 2 ** 31 ? $one - 2 ** 32 : $one) / 65_536,
            array_values((array) unpack('N*', substr($bytes, 0, intdiv(strlen($bytes), 4) * 4))),
        );
    }

    private static function long(string $bytes, int $at): int
    {
        $word = substr($bytes, $at, 4);

        return strlen($word) === 4 ? (int) ((array) unpack('N', $word))[1] : 0;
    }
}
