<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Line\Fit;
use Planisher\Measure\Figure;

/** Says what the crop takes away; more than a tenth asks for a look. */
final class CutLittle implements Check
{
    private const LITTLE = 0.10;

    public function look(Situation $at): ?Finding
    {
        $cut = $at->plan?->cut;
        if ($cut === null) {
            return null;
        }
        if ($cut->sides() === '') {
            return Finding::fine('cut-nothing', 'Nothing is cut', $at->line->print?->fit === Fit::Whole ? 'The whole picture is printed.' : 'The picture has the shape it is printed in.');
        }
        $share = Figure::percent($cut->area);

        return $cut->area > self::LITTLE + 1e-9
            ? Finding::look('cut-much', "{$share} of the picture is cut", ucfirst($cut->sides()).'. Move the window so that what matters stays.', $at->line->print === null ? null : new Remedy('Print the whole picture', ['fit' => 'whole', 'window' => null]))
            : Finding::fine('cut-little', "{$share} is cut", ucfirst($cut->sides()).'.');
    }
}
