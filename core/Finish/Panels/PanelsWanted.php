<?php

declare(strict_types=1);

namespace Planisher\Finish\Panels;

use Planisher\Lab\LabCard;
use Planisher\Line\ForTheWall;
use Planisher\Line\InSeveralFiles;
use Planisher\Line\SeenFirst;
use Planisher\Measure\Length;
use Planisher\Measure\Size;
use Planisher\OrderFile\JsonNode;
use Planisher\Phrase\WordRow;

/** What is wanted of panels: how one picture is shared out between several panels, and how they hang. */
final readonly class PanelsWanted implements ForTheWall, InSeveralFiles, SeenFirst
{
    /**
     * @param  Length  $gap  of wall between neighbours
     * @param  Length  $overlap  of picture that neighbours both have, for pasting prints together
     * @param  ?Size  $piece  of each panel, as it hangs, where that says how large all of it is
     */
    private function __construct(
        public PanelShares $columns,
        public PanelShares $rows,
        public Length $gap,
        public BehindGap $behindGap,
        public Length $overlap,
        public ?Size $piece,
    ) {}

    /** @throws \Planisher\OrderFile\OrderFileError */
    public static function fromNode(?JsonNode $node): self
    {
        $node?->object(['columns', 'rows', 'gap', 'behindGap', 'overlap', 'piece']);

        return new self(
            PanelShares::fromNode($node?->maybe('columns'), 'columns'),
            PanelShares::fromNode($node?->maybe('rows'), 'rows'),
            $node?->maybe('gap')?->length() ?? Length::zero(),
            $node?->maybe('behindGap')?->choice(BehindGap::class) ?? BehindGap::Keep,
            $node?->maybe('overlap')?->length() ?? Length::zero(),
            self::pieceOf($node),
        );
    }

    /** @throws \Planisher\OrderFile\OrderFileError */
    private static function pieceOf(?JsonNode $node): ?Size
    {
        $piece = $node?->maybe('piece')?->size();
        foreach ($piece === null ? [] : ['columns', 'rows'] as $way) {
            $panels = $node?->maybe($way);
            if ($panels !== null && ! PanelShares::fromNode($panels, $way)->areEqual()) {
                throw $panels->unexpected('how many pieces there are: with "piece" they are all alike');
            }
        }

        return $piece;
    }

    /** What is added between neighbours on the print, in nanometres: a dropped gap, or below 0 an overlap. */
    public function between(): int
    {
        return match (true) {
            $this->overlap->nanometres > 0 => -$this->overlap->nanometres,
            $this->behindGap === BehindGap::Drop => $this->gap->nanometres,
            default => 0,
        };
    }

    /** How large all of it is: as many pieces as there are, and the gaps where they are counted in; null where the pieces don't say. */
    public function whole(): ?Size
    {
        if ($this->piece === null) {
            return null;
        }
        $between = $this->between();
        $side = fn (Length $of, int $many): Length => Length::exact(max(1, $many * $of->nanometres + ($many - 1) * $between), $of->unit);

        return Size::of($side($this->piece->width, $this->columns->count()), $side($this->piece->height, $this->rows->count()));
    }

    public function label(int $copies): string
    {
        return (new PanelsFinish())->label($copies);
    }

    /** “three equal panels”, “three panels of 1 : 2 : 1”, “2 × 2 panels” */
    public function sharedOut(): string
    {
        [$columns, $rows] = [$this->columns, $this->rows];
        $equal = $columns->areEqual() && $rows->areEqual();
        if ($columns->count() > 1 && $rows->count() > 1) {
            $of = $this->piece === null ? '' : " of {$this->piece->label()}";

            return "{$columns->count()} × {$rows->count()}".($equal && $of === '' ? ' equal' : '')." panels{$of}";
        }
        $shares = $rows->count() > 1 ? $rows : $columns;
        if ($shares->count() === 1) {
            return 'one panel';
        }
        if ($this->piece !== null) {
            return WordRow::number($shares->count()).($rows->count() > 1 ? ' stacked' : '')." panels of {$this->piece->label()}";
        }
        $isPlain = $equal && $shares->lengths === null;
        $many = WordRow::number($shares->count()).($isPlain ? ' equal' : '').($rows->count() > 1 ? ' stacked' : '').' panels';

        return $many.($isPlain ? '' : " of {$shares->label()}");
    }

    public function inWords(): string
    {
        return $this->sharedOut().($this->gap->nanometres > 0 ? ", {$this->gap->label()} apart" : '');
    }

    public function apart(LabCard $lab): array
    {
        return self::places($this->columns->count(), $this->rows->count());
    }

    /**
     * What each panel is called by its place, row by row; a single one has no name.
     *
     * @return non-empty-list<string>
     */
    public static function places(int $columns, int $rows): array
    {
        $names = [];
        for ($row = 1; $row <= $rows; $row++) {
            for ($column = 1; $column <= $columns; $column++) {
                $names[] = match (true) {
                    $rows > 1 => "r{$row}c{$column}",
                    $columns === 1 => '',
                    $columns === 2 => ['left', 'right'][$column - 1],
                    $columns === 3 => ['left', 'middle', 'right'][$column - 1],
                    default => "{$column}of{$columns}",
                };
            }
        }

        return $names ?: [''];
    }

    /** @return array<string, mixed> as in the order file */
    public function toArray(): array
    {
        $wanted = array_filter(
            [
                'piece' => $this->piece === null ? null : (string) $this->piece,
                'columns' => $this->piece === null ? $this->columns->toArray() : $this->columns->count(),
                'rows' => $this->rows->count() === 1 ? null : ($this->piece === null ? $this->rows->toArray() : $this->rows->count()),
                'gap' => $this->gap->nanometres === 0 ? null : (string) $this->gap,
                'behindGap' => $this->behindGap === BehindGap::Keep ? null : $this->behindGap->value,
                'overlap' => $this->overlap->nanometres === 0 ? null : (string) $this->overlap,
            ],
            fn (mixed $value): bool => $value !== null,
        );

        return [PanelsFinish::NAME => $wanted];
    }
}
