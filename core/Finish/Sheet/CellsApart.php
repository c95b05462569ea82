<?php

declare(strict_types=1);

namespace Planisher\Finish\Sheet;

use Planisher\Finding\Check;
use Planisher\Finding\Finding;
use Planisher\Finding\Remedy;
use Planisher\Measure\Box;
use Planisher\Measure\Side;
use Planisher\Measure\Unit;
use Planisher\Phrase\SidesPhrase;
use Planisher\Plan\LineContext;

/**
 * Stops cells that were put over each other, or over the sheet's edge: which, and by how much.
 *
 * @implements Check<SheetWanted, SheetLayout>
 */
final class CellsApart implements Check
{
    public function judge(LineContext $at): ?Finding
    {
        $layout = $at->plan?->layout->own;
        $wanted = $at->line->wanted;
        if ($layout === null || $at->plan === null) {
            return null;
        }
        $unit = SidesPhrase::fine($at->plan->size()->width->unit);

        return self::off($wanted, $layout, $unit) ?? self::over($wanted, $layout, $unit);
    }

    /** Whether every cell has its place for itself. */
    public static function are(SheetWanted $wanted, SheetLayout $layout): bool
    {
        return self::off($wanted, $layout, Unit::Millimetre) === null && self::over($wanted, $layout, Unit::Millimetre) === null;
    }

    private static function off(SheetWanted $wanted, SheetLayout $layout, Unit $unit): ?Finding
    {
        $sheet = $layout->arrangement->sheet;
        foreach ($layout->cells as $cell) {
            $box = $cell->spot->box;
            $beyond = array_filter(
                [
                    Side::Left->value => $sheet->x - $box->x,
                    Side::Right->value => $box->right() - $sheet->right(),
                    Side::Top->value => $sheet->y - $box->y,
                    Side::Bottom->value => $box->bottom() - $sheet->bottom(),
                ],
                fn (int $by): bool => $by > 0,
            );
            if ($beyond === []) {
                continue;
            }
            arsort($beyond);
            $side = Side::from((string) array_key_first($beyond));

            return Finding::stops(
                'cell-off-sheet',
                'Cell '.($cell->cell + 1).' leaves the sheet',
                SidesPhrase::length(max($beyond), $unit).' of it lies beyond the edge '.SidesPhrase::on($side).'.',
                self::arranged($wanted),
            );
        }

        return null;
    }

    private static function over(SheetWanted $wanted, SheetLayout $layout, Unit $unit): ?Finding
    {
        foreach ($layout->cells as $at => $one) {
            foreach (array_slice($layout->cells, $at + 1) as $other) {
                if ($one->spot->sheet !== $other->spot->sheet || ! $one->spot->box->meets($other->spot->box)) {
                    continue;
                }
                /** @var Box $both */
                $both = $one->spot->box->within($other->spot->box);

                return Finding::stops(
                    'cells-overlap',
                    'Cells '.($one->cell + 1).' and '.($other->cell + 1).' overlap',
                    'By '.
                        SidesPhrase::length($both->width, $unit).
                        ' across and '.
                        SidesPhrase::length($both->height, $unit).
                        ' down.',
                    self::arranged($wanted),
                );
            }
        }

        return null;
    }

    public static function arranged(SheetWanted $wanted): Remedy
    {
        return new Remedy('Arrange them again', ByHand::arranged($wanted->cells));
    }
}
