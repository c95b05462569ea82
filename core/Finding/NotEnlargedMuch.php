<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Measure\Figure;

/** Asks for a look when pixels are invented: enlarged more than twice. */
final class NotEnlargedMuch implements Check
{
    private const MOST = 2.0;

    /** Large pieces for a wall are made at this many pixels per inch (common practice, no source). */
    private const WALL_PPI = 150;

    public function look(Situation $at): ?Finding
    {
        $scale = $at->plan?->scale() ?? 1.0;
        $fewer = $at->line->panels !== null && $at->plan !== null && $at->plan->shown->resolution->ppi() > self::WALL_PPI + 0.5;

        return $scale <= self::MOST ? null : Finding::look(
            'enlarged',
            'Enlarged '.Figure::decimal($scale, 1).' times',
            'More than half of the file’s pixels are made up from their neighbours.',
            $fewer ? new Remedy('Make it at '.self::WALL_PPI.' ppi', ['output' => ['ppi' => self::WALL_PPI]]) : new Remedy('Keep the picture’s own pixels', ['output' => ['ppi' => 'own']]),
        );
    }
}
