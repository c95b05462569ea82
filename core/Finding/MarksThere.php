<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Line\LineChange;
use Planisher\Overlay\Overlay;
use Planisher\Picture\PictureFacts;
use Planisher\Plan\LineContext;

/** Whether the marks that a line asks for are there and can be used. */
final class MarksThere implements Check
{
    public function judge(LineContext $at): ?Finding
    {
        $line = $at->line;
        $over = $line->additions->overlays;
        $copy = $line->screenCopy;

        return self::missing($at, $over, fn (array $others): LineChange => LineChange::of(['overlays' => $others])) ??
            self::missing(
                $at,
                $copy->overlays ?? [],
                fn (array $others): LineChange => LineChange::of(['screenCopy' => [...$copy?->toArray() ?? [], 'overlays' => $others]]),
            );
    }

    /**
     * @param  list<Overlay>  $overlays
     * @param  \Closure(list<array<string, mixed>>): LineChange  $change  of the line to these alone
     */
    private static function missing(LineContext $at, array $overlays, \Closure $change): ?Finding
    {
        foreach ($overlays as $overlay) {
            $mark = $at->orderContext->mark($overlay->picture);
            if (! ($mark instanceof PictureFacts)) {
                $others = array_filter($overlays, fn (Overlay $one): bool => $one !== $overlay);

                return Finding::stops(
                    'mark-missing',
                    "The mark “{$overlay->name()}” can’t be used",
                    $mark === null
                        ? "There is no mark of the name “{$overlay->picture}”. Add it to the studio’s marks, or choose another."
                        : "“{$overlay->picture}”: {$mark}",
                    new Remedy('Leave it out', $change(array_values(array_map(fn (Overlay $one): array => $one->toArray(), $others)))),
                );
            }
        }

        return null;
    }
}
