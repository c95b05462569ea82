<?php

declare(strict_types=1);

namespace Planisher\Finish\Sheet\Arranging;

/**
 * The fewest sheets there can be, and of those ways the one with the fewest cuts, then the largest single offcut. What is packed
 * is told by how many there are of each kind (a share, numbered in mixed radix); every way to cut a share in two is tried.
 */
final class ExactPacking
{
    /** Shares above this many take too long. */
    private const MOST_SHARES = 100;

    /** Ways to cut that are tried before the ways already found are good enough. */
    private const MOST_TRIED = 3_000;

    private int $tried = 0;

    /** @var array<int, list<array{int, int}>> the least room that a share takes: width and height, by share */
    private array $rooms = [];

    /** @var array<int, int> sheets, by share */
    private array $fewest = [];

    /** @var array<int, array{cuts: int, offcut: float, on: int}> by share */
    private array $best = [];

    /** @var array<string, list<int>> by share, and whether with a cell of its first kind */
    private array $parts = [];

    /** @var array<int, list<int>> how many of each kind, by share */
    private array $counts = [];

    /** @var array<string, ?array{cuts: int, offcut: float, cut: mixed}> the best way to cut a share out of a piece */
    private array $ways = [];

    /**
     * @param  list<CellSize>  $kinds
     * @param  bool  $hasGutter  then parting two pieces takes two cuts
     */
    private function __construct(
        private readonly array $kinds,
        private readonly int $width,
        private readonly int $height,
        private readonly bool $hasGutter,
    ) {}

    /**
     * @param  list<CellSize>  $kinds
     * @return ?list<list<Placed>> sheet by sheet; null when there are too many to try
     */
    public static function pack(array $kinds, int $width, int $height, bool $hasGutter): ?array
    {
        $shares = array_product(array_map(fn (CellSize $kind): int => $kind->count + 1, $kinds));

        return $shares > self::MOST_SHARES ? null : (new self($kinds, $width, $height, $hasGutter))->sheets();
    }

    /** @return list<list<Placed>> */
    private function sheets(): array
    {
        $all = $this->number(array_map(fn (CellSize $kind): int => $kind->count, $this->kinds));
        $sheets = [];
        for ($share = $all; $share > 0; $share -= $this->best($share)['on']) {
            $placed = [];
            $this->place($this->best($share)['on'], 0, 0, $this->width, $this->height, $placed);
            $sheets[] = $placed;
        }

        return $sheets;
    }

    /** The fewest sheets that a share takes. */
    private function fewest(int $share): int
    {
        if ($share === 0) {
            return 0;
        }

        $after = fn (int $part): int => $this->fewest($share - $part);

        return $this->fewest[$share] ??= 1 + min(array_map($after, $this->onOneSheet($share)));
    }

    /** @return non-empty-list<int> the parts of a share that fit one sheet, with a cell of its first kind */
    private function onOneSheet(int $share): array
    {
        $fit = array_filter(
            $this->partsOf($share, withFirst: true),
            fn (int $part): bool => $this->fits($part, $this->width, $this->height),
        );

        return array_values($fit) ?: throw new \LogicException('A cell that fits no sheet isn’t packed.');
    }

    /** @return array{cuts: int, offcut: float, on: int} of the ways with the fewest sheets the best, and what is on its first */
    private function best(int $share): array
    {
        if ($share === 0) {
            return ['cuts' => 0, 'offcut' => 0.0, 'on' => 0];
        }
        if (isset($this->best[$share])) {
            return $this->best[$share];
        }
        $found = null;
        foreach ($this->onOneSheet($share) as $part) {
            if ($this->fewest($share - $part) + 1 > $this->fewest($share)) {
                continue;
            }
            [$way, $rest] = [$this->way($part, $this->width, $this->height), $this->best($share - $part)];
            $one = ['cuts' => $rest['cuts'] + $way['cuts'], 'offcut' => max($rest['offcut'], $way['offcut']), 'on' => $part];
            if ($found === null || [$one['cuts'], -$one['offcut']] < [$found['cuts'], -$found['offcut']]) {
                $found = $one;
            }
        }

        return $this->best[$share] = $found ?? throw new \LogicException('What takes the fewest sheets is found.');
    }

    /**
     * The best way to cut a share that fits out of a piece: how many cuts, and what is cut first.
     *
     * @return array{cuts: int, offcut: float, cut: mixed}
     */
    private function way(int $share, int $width, int $height): array
    {
        $key = "{$share} {$width} {$height}";
        if (isset($this->ways[$key])) {
            return $this->ways[$key];
        }
        $single = $this->single($share);
        if ($single !== null && in_array([$width, $height], $single->ways(), true)) {
            return $this->ways[$key] = ['cuts' => 0, 'offcut' => 0.0, 'cut' => null];
        }
        $best = null;
        foreach ($this->choices($share, $width, $height) as $choice) {
            [$isDown, $at, $first, $second] = $choice;
            $apart = $second > 0 && $this->hasGutter ? 2 : 1;
            // no share takes fewer cuts than it has cells, less one
            if ($best !== null && $apart + $this->cells($first) - 1 + max(0, $this->cells($second) - 1) > $best['cuts']) {
                continue;
            }
            $one = $isDown ? $this->way($first, $at, $height) : $this->way($first, $width, $at);
            $other = ['cuts' => 0, 'offcut' => $isDown ? (float) ($width - $at) * $height : (float) $width * ($height - $at)];
            if ($second > 0) {
                $other = $isDown ? $this->way($second, $width - $at, $height) : $this->way($second, $width, $height - $at);
            }
            $cuts = $apart + $one['cuts'] + $other['cuts'];
            $offcut = max($one['offcut'], $other['offcut']);
            if ($best === null || [$cuts, -$offcut] < [$best['cuts'], -$best['offcut']]) {
                $best = ['cuts' => $cuts, 'offcut' => $offcut, 'cut' => $choice];
            }
            $isLeast = $best['cuts'] === $this->cells($share) - 1; // and then nothing is left over
            if ($isLeast || ++$this->tried > self::MOST_TRIED) {
                break;
            }
        }

        return $this->ways[$key] = $best ?? throw new \LogicException('A share that fits can be cut.');
    }

    /**
     * The first cuts that can be made: down or across, where, what lies before it, and what behind it (0: nothing, it is left over).
     *
     * @return \Generator<array{bool, int, int, int}>
     */
    private function choices(int $share, int $width, int $height): \Generator
    {
        foreach ([true, false] as $isDown) {
            $side = $isDown ? $width : $height;
            foreach ($this->partsOf($share, withFirst: false) as $part) {
                $rest = $share - $part;
                foreach ($this->sides($part, $isDown) as $at) {
                    [$firstWide, $firstHigh] = $isDown ? [$at, $height] : [$width, $at];
                    [$restWide, $restHigh] = $isDown ? [$side - $at, $height] : [$width, $side - $at];
                    if (
                        $at < $side &&
                        $this->fits($part, $firstWide, $firstHigh) &&
                        ($rest === 0 || $this->fits($rest, $restWide, $restHigh))
                    ) {
                        yield [$isDown, $at, $part, $rest];
                    }
                }
            }
        }
    }

    /** @param  list<Placed>  $placed  gets the cells of a share on a piece */
    private function place(int $share, int $x, int $y, int $width, int $height, array &$placed): void
    {
        $cut = $this->way($share, $width, $height)['cut'];
        if ($cut === null) {
            $placed[] = new Placed((int) array_search(1, $this->counts($share), true), $x, $y, $width, $height);

            return;
        }
        [$isDown, $at, $first, $second] = $cut;
        $isDown ? $this->place($first, $x, $y, $at, $height, $placed) : $this->place($first, $x, $y, $width, $at, $placed);
        if ($second > 0) {
            $isDown
                ? $this->place($second, $x + $at, $y, $width - $at, $height, $placed)
                : $this->place($second, $x, $y + $at, $width, $height - $at, $placed);
        }
    }

    /** Whether a piece is large enough for a share. */
    private function fits(int $share, int $width, int $height): bool
    {
        foreach ($this->rooms($share) as [$wide, $high]) {
            if ($wide <= $width && $high <= $height) {
                return true;
            }
        }

        return false;
    }

    /** @return list<int> the widths, or heights, that the least rooms of a share have */
    private function sides(int $share, bool $isDown): array
    {
        return array_values(array_unique(array_column($this->rooms($share), $isDown ? 0 : 1)));
    }

    /** @return list<array{int, int}> rooms of which none is larger than another both ways, the narrowest first */
    private function rooms(int $share): array
    {
        if (isset($this->rooms[$share])) {
            return $this->rooms[$share];
        }
        $rooms = $this->single($share)?->ways() ?? [];
        foreach ($this->partsOf($share, withFirst: true) as $part) {
            $rest = $share - $part;
            if ($rest === 0) {
                continue;
            }
            foreach ($this->rooms($part) as [$wide, $high]) {
                foreach ($this->rooms($rest) as [$restWide, $restHigh]) {
                    $rooms[] = [$wide + $restWide, max($high, $restHigh)];
                    $rooms[] = [max($wide, $restWide), $high + $restHigh];
                }
            }
        }
        $rooms = array_filter($rooms, fn (array $room): bool => $room[0] <= $this->width && $room[1] <= $this->height);
        sort($rooms);
        $least = [];
        foreach ($rooms as $room) {
            if ($least === [] || $room[1] < end($least)[1]) {
                $least[] = $room;
            }
        }

        return $this->rooms[$share] = $least;
    }

    /** How many cells a share has. */
    private function cells(int $share): int
    {
        return array_sum($this->counts($share));
    }

    /** The kind of a share that is one cell. */
    private function single(int $share): ?CellSize
    {
        $counts = $this->counts($share);

        return array_sum($counts) === 1 ? $this->kinds[(int) array_search(1, $counts, true)] : null;
    }

    /**
     * All shares that are part of one, itself among them.
     *
     * @param  bool  $withFirst  only those that have a cell of its first kind
     * @return list<int>
     */
    private function partsOf(int $share, bool $withFirst): array
    {
        return $this->parts[$share.($withFirst ? ' first' : '')] ??= $this->everyPart($share, $withFirst);
    }

    /** @return list<int> */
    private function everyPart(int $share, bool $withFirst): array
    {
        $counts = $this->counts($share);
        $first = array_key_first(array_filter($counts));
        $parts = [[]];
        foreach ($counts as $at => $count) {
            $next = [];
            foreach ($parts as $part) {
                foreach (range($withFirst && $at === $first ? 1 : 0, $count) as $many) {
                    $next[] = [...$part, $many];
                }
            }
            $parts = $next;
        }

        return array_values(array_filter(array_map($this->number(...), $parts)));
    }

    /** @param  list<int>  $counts */
    private function number(array $counts): int
    {
        $number = 0;
        foreach ($this->kinds as $at => $kind) {
            $number = $number * ($kind->count + 1) + $counts[$at];
        }

        return $number;
    }

    /** @return list<int> how many of each kind a share has */
    private function counts(int $share): array
    {
        if (isset($this->counts[$share])) {
            return $this->counts[$share];
        }
        [$of, $counts] = [$share, []];
        foreach (array_reverse($this->kinds) as $kind) {
            array_unshift($counts, $of % ($kind->count + 1));
            $of = intdiv($of, $kind->count + 1);
        }

        return $this->counts[$share] = $counts;
    }
}
