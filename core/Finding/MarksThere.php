<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Overlay\Overlay;
use Planisher\Picture\PictureFacts;
use Planisher\Plan\Situation;

/** Whether the marks that a line asks for are there and can be used. */
final class MarksThere implements Check
{
    public function judge(Situation $at): ?Finding
    {
        foreach ($at->line->additions->overlays as $overlay) {
            $mark = $at->desk->mark($overlay->picture);
            if (! ($mark instanceof PictureFacts)) {
                return Finding::stops(
                    'mark-missing',
                    "The mark “{$overlay->name()}” can’t be used",
                    $mark === null
                        ? "There is no mark of the name “{$overlay->picture}”. Add it to the studio’s marks, or choose another."
                        : "“{$overlay->picture}”: {$mark}",
                    new Remedy('Leave it out', ['overlays' => self::without($at, $overlay)]),
                );
            }
        }

        return null;
    }

    /** @return list<array<string, mixed>> */
    private static function without(Situation $at, Overlay $which): array
    {
        $others = array_filter($at->line->additions->overlays, fn (Overlay $one): bool => $one !== $which);

        return array_values(array_map(fn (Overlay $one): array => $one->toArray(), $others));
    }
}
