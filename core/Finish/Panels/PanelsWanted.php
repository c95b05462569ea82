<?php

declare(strict_types=1);

namespace Planisher\Finish\Panels;

use Planisher\Lab\LabCard;
use Planisher\Line\ForTheWall;
use Planisher\Line\InSeveralFiles;
use Planisher\Measure\Length;
use Planisher\OrderFile\JsonNode;
use Planisher\Phrase\WordRow;

/** What is wanted of panels: how one picture is shared out between several panels, and how they hang. */
final readonly class PanelsWanted implements ForTheWall, InSeveralFiles
{
    /**
     * @param  Length  $gap  of wall between neighbours
     * @param  Length  $overlap  of picture that neighbours both have, for pasting prints together
     */
    private function __construct(
        public PanelShares $columns,
        public PanelShares $rows,
        public Length $gap,
        public BehindGap $behindGap,
        public Length $overlap,
    ) {}

    /** @throws \Planisher\OrderFile\OrderFileError */
    public static function fromNode(?JsonNode $node): self
    {
        $node?->object(['columns', 'rows', 'gap', 'behindGap', 'overlap']);

        return new self(
            PanelShares::fromNode($node?->maybe('columns'), 'columns'),
            PanelShares::fromNode($node?->maybe('rows'), 'rows'),
            $node?->maybe('gap')?->length() ?? Length::zero(),
            $node?->maybe('behindGap')?->choice(BehindGap::class) ?? BehindGap::Keep,
            $node?->maybe('overlap')?->length() ?? Length::zero(),
        );
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
            return "{$columns->count()} × {$rows->count()}".($equal ? ' equal' : '').' panels';
        }
        $shares = $rows->count() > 1 ? $rows : $columns;
        if ($shares->count() === 1) {
            return 'one panel';
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
                'columns' => $this->columns->toArray(),
                'rows' => $this->rows->toArray() === [1] ? null : $this->rows->toArray(),
                'gap' => $this->gap->nanometres === 0 ? null : (string) $this->gap,
                'behindGap' => $this->behindGap === BehindGap::Keep ? null : $this->behindGap->value,
                'overlap' => $this->overlap->nanometres === 0 ? null : (string) $this->overlap,
            ],
            fn (mixed $value): bool => $value !== null,
        );

        return [PanelsFinish::NAME => $wanted];
    }
}
