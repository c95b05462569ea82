<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Colour\Intent;
use Planisher\Line\LineChange;
use Planisher\Measure\Figure;
use Planisher\Plan\LineContext;

/** Asks for a look when the conversion alone drives a good part of a picture to an end of the codes. */
final class EndsKept implements Check
{
    private const LITTLE = 0.01;

    public function judge(LineContext $at): ?Finding
    {
        $clipped = $at->seen->clipped ?? 0.0;

        return $clipped <= self::LITTLE
            ? null
            : Finding::look(
                'ends-clipped',
                Figure::percent($clipped).' clipped by the conversion',
                'A channel comes to its end there that didn’t in the picture. H shows both histograms.',
                $at->line->output->intent === Intent::Relative && $at->plan?->files[0]->encoding->profile !== null
                    ? new Remedy('Draw colours in together', LineChange::of(['output' => ['intent' => 'perceptual']]))
                    : null,
            );
    }
}
