<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Line\LineChange;
use Planisher\Measure\Figure;
use Planisher\Plan\LineContext;

/** Asks for a look when pixels are invented: enlarged more than twice. */
final class NotEnlargedMuch implements Check
{
    private const MOST = 2.0;

    /** Large pieces for a wall are made at this many pixels per inch (common practice, no source). */
    private const WALL_PPI = 150;

    public function judge(LineContext $at): ?Finding
    {
        $plan = $at->plan;
        if ($plan === null || $plan->scale() <= self::MOST) {
            return null;
        }
        $onTheWall = $at->line->isForTheWall();
        if ($onTheWall && $plan->shown->resolution->ppi() <= self::WALL_PPI + 0.5) {
            return null; // so a wall piece is made; whether its pixels are enough is said by the distance it is looked at from
        }

        return Finding::look(
            'enlarged',
            'Enlarged '.Figure::decimal($plan->scale(), 1).' times',
            'More than half of the file’s pixels are made up from their neighbours.',
            $onTheWall
                ? new Remedy('Make it at '.self::WALL_PPI.' ppi', LineChange::of(['output' => ['ppi' => self::WALL_PPI]]))
                : new Remedy('Keep the picture’s own pixels', LineChange::of(['output' => ['ppi' => 'own']])),
        );
    }
}
