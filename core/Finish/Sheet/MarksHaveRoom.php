<?php

declare(strict_types=1);

namespace Planisher\Finish\Sheet;

use Planisher\Finding\Check;
use Planisher\Finding\Finding;
use Planisher\Finding\Remedy;
use Planisher\Line\LineChange;
use Planisher\Plan\LineContext;
use Planisher\Plan\PlannedFile;

/**
 * Asks for a look where cut marks are wanted and there is neither margin nor gutter to have them.
 *
 * @implements Check<SheetWanted, SheetLayout>
 */
final class MarksHaveRoom implements Check
{
    public function judge(LineContext $at): ?Finding
    {
        $wanted = $at->line->wanted;
        $layout = $at->plan?->layout->own;
        if ($layout === null || $at->plan === null || ! $wanted->cutMarks) {
            return null;
        }
        foreach ($at->plan->files as $sheet => $file) {
            if (self::isWithout($file, $layout, $sheet)) {
                return Finding::look(
                    'marks-no-room',
                    'There is no room for cut marks',
                    'They stand in margin and gutter only, and there is too little of both. The cutting order says where to cut.',
                    new Remedy('Leave the marks away', LineChange::of([SheetWanted::NAME => ['cutMarks' => null]])),
                );
            }
        }

        return Finding::fine('marks-drawn', 'Cut marks are drawn', 'In margin and gutter, clear of every picture.');
    }

    private static function isWithout(PlannedFile $file, SheetLayout $layout, int $sheet): bool
    {
        $cells = array_map(fn (LaidCell $cell) => $cell->spot->box->pixels($file->resolution), $layout->on($sheet));

        return $layout->orders()[$sheet]->cuts !== [] &&
            CutMarks::on($layout->arrangement->sheet->pixels($file->resolution), $cells, $file->resolution) === [];
    }
}
