<?php

declare(strict_types=1);

namespace Planisher\Finish\Panels;

use Planisher\Measure\Box;
use Planisher\Measure\Size;
use Planisher\Plan\InPieces;

/**
 * A piece shared out between panels. Cuts lie at the cumulated edges, so that panels always add up to the whole: to the
 * whole picture where a gap keeps it, to the size less its gaps where they drop what is behind them, to the size and what
 * neighbours have twice where they overlap.
 */
final readonly class PanelGrid implements InPieces
{
    /** Typed lengths that add up to within this do: a thousandth of a millimetre. */
    private const TOLERANCE = 1000;

    /**
     * @param  non-empty-list<Span>  $columns  from the left
     * @param  non-empty-list<Span>  $rows  from the top
     * @param  int  $between  added between neighbours on the print: a dropped gap, or below 0 an overlap
     * @param  int  $gap  of wall between neighbours
     * @param  ?int  $missingAcross  what typed widths lack, in nanometres, below 0 when they are too much; null when they add up
     * @param  bool  $holds  false when gaps or overlaps leave no room, or both are wanted; it is then shared out without
     */
    private function __construct(
        public array $columns,
        public array $rows,
        public int $between,
        public int $gap,
        public ?int $missingAcross,
        public ?int $missingDown,
        public bool $holds,
    ) {}

    public static function of(PanelsWanted $panels, Size $whole): self
    {
        $gap = $panels->gap->nanometres;
        $overlap = $panels->overlap->nanometres;
        $between = $panels->between();
        [$width, $height] = [$whole->width->nanometres, $whole->height->nanometres];
        $holds =
            ($gap === 0 || $overlap === 0) &&
            self::narrowest($panels->columns, $width, $between) > $overlap &&
            self::narrowest($panels->rows, $height, $between) > $overlap;
        [$between, $gap] = $holds ? [$between, $gap] : [0, 0];

        return new self(
            self::spans($panels->columns, $width, $between, $gap),
            self::spans($panels->rows, $height, $between, $gap),
            $between,
            $gap,
            self::missing($panels->columns, $width, $between),
            self::missing($panels->rows, $height, $between),
            $holds,
        );
    }

    /** @return non-empty-list<Panel> row by row */
    public function panels(): array
    {
        $panels = [];
        foreach ($this->rows as $row => $down) {
            foreach ($this->columns as $column => $across) {
                $panels[] = new Panel(
                    $column,
                    $row,
                    new Box($across->from, $down->from, $across->length, $down->length),
                    new Box($across->hangsFrom, $down->hangsFrom, $across->length, $down->length),
                );
            }
        }

        return $panels;
    }

    public function pieces(): array
    {
        $names = array_map(
            fn (string $name): string => $name === '' ? 'The panel' : "The panel {$name}",
            PanelsWanted::places(count($this->columns), count($this->rows)),
        );

        return array_combine($names, array_map(fn (Panel $panel): Box => $panel->box, $this->panels()));
    }

    /** The set as it hangs, from its first edge to its last. */
    public function hung(): Box
    {
        return new Box(0, 0, $this->columns[count($this->columns) - 1]->hangsTo(), $this->rows[count($this->rows) - 1]->hangsTo());
    }

    /** What neighbours and gaps leave for panels of a side so long. */
    public static function shared(int $side, int $count, int $between): int
    {
        return $side - ($count - 1) * $between;
    }

    /**
     * What lies between neighbours on the print: a cut, what a gap drops, or what both have.
     *
     * @param  non-empty-list<Span>  $spans
     * @return list<array{int, int}> from and to, by joint
     */
    public static function joints(array $spans): array
    {
        $joints = [];
        for ($i = 1; $i < count($spans); $i++) {
            $ends = [$spans[$i - 1]->to(), $spans[$i]->from];
            $joints[] = [min($ends), max($ends)];
        }

        return $joints;
    }

    /** @return non-empty-list<Span> */
    private static function spans(PanelShares $shares, int $side, int $between, int $gap): array
    {
        $shared = self::shared($side, $shares->count(), $between);
        $all = array_sum($shares->proportions);
        [$sum, $edge, $spans] = [0.0, 0, []];
        foreach ($shares->proportions as $i => $proportion) {
            $sum += $proportion;
            $next = (int) round($shared * ($sum / $all));
            $from = $edge + $i * $between;
            $spans[] = new Span($from, $next - $edge, $between === 0 ? $from + $i * $gap : $from);
            $edge = $next;
        }

        return $spans;
    }

    private static function narrowest(PanelShares $shares, int $side, int $between): int
    {
        return (int) floor((self::shared($side, $shares->count(), $between) * min($shares->proportions)) / array_sum($shares->proportions));
    }

    private static function missing(PanelShares $shares, int $side, int $between): ?int
    {
        if ($shares->lengths === null) {
            return null;
        }
        $missing = self::shared($side, $shares->count(), $between) - (int) array_sum($shares->proportions);

        return abs($missing) <= self::TOLERANCE ? null : $missing;
    }
}
