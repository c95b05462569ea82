<?php

declare(strict_types=1);

namespace Tests\core\Finish\Sheet;

/**
 * Another way to the same answers, slow and plain: every straight cut of a piece at every place where sides of cells could end, and
 * every way to share the cells out between the two halves. Cells are widths and heights; none has a gutter.
 */
final class ByExhaustion
{
    /** @var array<string, ?int> fewest cuts by cells and piece; null where they don't fit */
    private array $known = [];

    /**
     * @param  list<array{int, int}>  $cells
     * @return ?int the fewest cuts that free all of them; null where they don't fit
     */
    public function cuts(array $cells, int $width, int $height): ?int
    {
        sort($cells);
        $key = json_encode([$cells, $width, $height]);
        if (! array_key_exists((string) $key, $this->known)) {
            $this->known[(string) $key] = $this->tried($cells, $width, $height);
        }

        return $this->known[(string) $key];
    }

    /**
     * @param  list<array{int, int}>  $cells
     * @return int the fewest sheets
     */
    public function sheets(array $cells, int $width, int $height): int
    {
        $fewest = count($cells);
        foreach (self::parts($cells) as [$part, $rest]) {
            if ($this->cuts($part, $width, $height) !== null) {
                $fewest = min($fewest, 1 + ($rest === [] ? 0 : $this->sheets($rest, $width, $height)));
            }
        }

        return $fewest;
    }

    /** @param  list<array{int, int}>  $cells */
    private function tried(array $cells, int $width, int $height): ?int
    {
        $areas = array_sum(array_map(fn (array $cell): int => $cell[0] * $cell[1], $cells));
        if ($areas > $width * $height) {
            return null;
        }
        if (count($cells) === 1 && in_array($cells[0], [[$width, $height], [$height, $width]], true)) {
            return 0;
        }
        $best = null;
        $sums = self::sums($cells);
        foreach ([true, false] as $isDown) {
            foreach ($sums as $at) {
                if ($at >= ($isDown ? $width : $height)) {
                    continue;
                }
                foreach (self::parts($cells) as [$part, $rest]) {
                    $one = $isDown ? $this->cuts($part, $at, $height) : $this->cuts($part, $width, $at);
                    if ($one === null || ($best !== null && $one + 1 >= $best)) {
                        continue;
                    }
                    $other = match (true) {
                        $rest === [] => 0,
                        $isDown => $this->cuts($rest, $width - $at, $height),
                        default => $this->cuts($rest, $width, $height - $at),
                    };
                    $best = $other === null ? $best : min($best ?? PHP_INT_MAX, 1 + $one + $other);
                }
            }
        }

        return $best;
    }

    /**
     * @param  list<array{int, int}>  $cells
     * @return list<int> where a row of some of them may end
     */
    private static function sums(array $cells): array
    {
        $sums = [0 => true];
        foreach ($cells as $cell) {
            foreach (array_keys($sums) as $sum) {
                $sums[$sum + $cell[0]] = $sums[$sum + $cell[1]] = true;
            }
        }
        unset($sums[0]);

        return array_keys($sums);
    }

    /**
     * @param  list<array{int, int}>  $cells
     * @return list<array{list<array{int, int}>, list<array{int, int}>}> every part of them, and the rest
     */
    private static function parts(array $cells): array
    {
        $parts = [];
        for ($mask = 1; $mask < 1 << count($cells); $mask++) {
            [$in, $out] = [[], []];
            foreach ($cells as $at => $cell) {
                ($mask >> $at) & 1 ? ($in[] = $cell) : ($out[] = $cell);
            }
            $parts[json_encode($in)] ??= [$in, $out];
        }

        return array_values($parts);
    }
}
