<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Measure\Figure;

/** Asks for a look when pixels are invented: enlarged more than twice. */
final class NotEnlargedMuch implements Check
{
    private const MOST = 2.0;

    public function look(Situation $at): ?Finding
    {
        $scale = $at->plan?->scale() ?? 1.0;

        return $scale <= self::MOST ? null : Finding::look(
            'enlarged',
            'Enlarged '.Figure::decimal($scale, 1).' times',
            'More than half of the file’s pixels are made up from their neighbours.',
            new Remedy('Keep the picture’s own pixels', ['output' => ['ppi' => 'own']]),
        );
    }
}
