<?php

declare(strict_types=1);

namespace Planisher\Finish\Sheet;

use Planisher\Finish\Sheet\Arranging\Arrangement;
use Planisher\Finish\Sheet\Arranging\CutOrder;
use Planisher\Measure\Box;
use Planisher\Plan\OfFinish;

/** What a shared sheet's layout has beside others': its cells, and where each of its sheets is drawn. */
final readonly class SheetLayout implements OfFinish
{
    /** What is between sheets that are drawn beside each other, as a share of their longer side. */
    private const APART = 0.06;

    /** How much wider than high several sheets are drawn. */
    private const WIDE = 1.4;

    /**
     * @param  non-empty-list<LaidCell>  $cells  copies counted
     * @param  non-empty-list<Box>  $sheets  where each is drawn
     */
    private function __construct(public Arrangement $arrangement, public array $cells, public array $sheets) {}

    /** @param  non-empty-list<LaidCell>  $cells */
    public static function of(Arrangement $arrangement, array $cells): self
    {
        $sheet = $arrangement->sheet;
        $apart = (int) round(self::APART * max($sheet->width, $sheet->height));
        [$across, $down] = [$sheet->width + $apart, $sheet->height + $apart];
        $many = $arrangement->sheets();
        $columns = min($many, max(1, (int) round(sqrt((self::WIDE * $many * $down) / $across))));

        return new self(
            $arrangement,
            $cells,
            array_map(fn (int $at): Box => $sheet->moved(($at % $columns) * $across, intdiv($at, $columns) * $down), range(0, $many - 1)),
        );
    }

    /** All sheets as they are drawn. */
    public function box(): Box
    {
        return array_reduce($this->sheets, fn (Box $all, Box $sheet): Box => $all->with($sheet), $this->sheets[0]);
    }

    /** Where a cell is drawn. */
    public function drawn(LaidCell $cell): Box
    {
        $sheet = $this->sheets[$cell->spot->sheet];

        return $cell->spot->box->moved($sheet->x, $sheet->y);
    }

    /** @return list<LaidCell> */
    public function on(int $sheet): array
    {
        return array_values(array_filter($this->cells, fn (LaidCell $cell): bool => $cell->spot->sheet === $sheet));
    }

    /** @return non-empty-list<CutOrder> sheet by sheet */
    public function orders(): array
    {
        return $this->arrangement->orders();
    }
}
