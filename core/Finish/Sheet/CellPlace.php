<?php

declare(strict_types=1);

namespace Planisher\Finish\Sheet;

use Planisher\Measure\Length;
use Planisher\OrderFile\JsonNode;

/** Where a cell was put by hand: the sheet, from 1, its top left corner there, and whether it is turned a quarter. */
final readonly class CellPlace
{
    private const MOST_SHEETS = 500;

    public function __construct(public int $sheet, public Length $x, public Length $y, public bool $isTurned) {}

    /** @throws \Planisher\OrderFile\OrderFileError */
    public static function fromNode(?JsonNode $node): ?self
    {
        $node?->object(['sheet', 'x', 'y', 'turned']);

        return $node === null
            ? null
            : new self(
                $node->maybe('sheet')?->int(1, self::MOST_SHEETS) ?? 1,
                $node->maybe('x')?->length() ?? Length::zero(),
                $node->maybe('y')?->length() ?? Length::zero(),
                $node->maybe('turned')?->bool() ?? false,
            );
    }

    /** @return array{sheet: int, x: string, y: string, turned: bool} */
    public function toArray(): array
    {
        return ['sheet' => $this->sheet, 'x' => (string) $this->x, 'y' => (string) $this->y, 'turned' => $this->isTurned];
    }
}
