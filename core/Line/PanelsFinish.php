<?php

declare(strict_types=1);

namespace Planisher\Line;

use Planisher\Measure\Length;
use Planisher\OrderFile\Node;

/** How one picture is shared out between several panels, and how they hang. */
final readonly class PanelsFinish
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
    public static function fromNode(?Node $node): self
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

    public function count(): int
    {
        return $this->columns->count() * $this->rows->count();
    }

    /** @return array<string, mixed> as in the order file */
    public function toArray(): array
    {
        return array_filter([
            'columns' => $this->columns->toArray(),
            'rows' => $this->rows->toArray() === [1] ? null : $this->rows->toArray(),
            'gap' => $this->gap->nanometres === 0 ? null : (string) $this->gap,
            'behindGap' => $this->behindGap === BehindGap::Keep ? null : $this->behindGap->value,
            'overlap' => $this->overlap->nanometres === 0 ? null : (string) $this->overlap,
        ], fn (mixed $value): bool => $value !== null);
    }
}
