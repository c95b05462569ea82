<?php

declare(strict_types=1);

namespace Planisher\Finish\Print;

use Planisher\Finding\Check;
use Planisher\Finding\Finding;
use Planisher\Measure\Box;
use Planisher\Phrase\SidesPhrase;
use Planisher\Plan\LineContext;

/**
 * Tells of words and marks that the mount would cover: of a print behind an opening only what is in the opening is seen.
 *
 * @implements Check<PrintWanted, PrintLayout>
 */
final class AddedSeenThrough implements Check
{
    public function judge(LineContext $at): ?Finding
    {
        $shown = $at->plan?->layout->own->opening;
        if ($at->plan === null || $shown === null) {
            return null;
        }
        foreach ($at->plan->added->named($at->line) as [$name, $box, $coversAll]) {
            $behind = self::behind($box, $shown);
            if ($coversAll || $behind <= 0) {
                continue;
            }
            $isAll = $box->right() <= $shown->x || $box->x >= $shown->right() || $box->bottom() <= $shown->y || $box->y >= $shown->bottom();

            return Finding::look(
                'added-mounted',
                "The mount would cover {$name}",
                $isAll
                    ? 'It lies behind the mount and won’t be seen.'
                    : SidesPhrase::length($behind, SidesPhrase::fine($at->plan->size()->width->unit)).' of it lies behind the mount.',
            );
        }

        return null;
    }

    /** How far it reaches behind the mount, in nanometres; 0 or less where all of it is seen. */
    private static function behind(Box $box, Box $shown): int
    {
        return max($shown->x - $box->x, $shown->y - $box->y, $box->right() - $shown->right(), $box->bottom() - $shown->bottom());
    }
}
