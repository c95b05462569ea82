<?php

declare(strict_types=1);

namespace App\Lines;

use App\Models\Line;
use App\States\Moves;
use Planisher\Finding\Alike;
use Planisher\Finding\Finding;
use Planisher\Finding\Severity;
use Planisher\Order\WorkedLine;
use Planisher\State\LineState;

/** The photographer's yes to a line that is held under a lock, or to what many lines have alike; not saved. */
final class Passing
{
    /** Passes it with what was looked at. */
    public static function mark(Line $now, WorkedLine $worked): void
    {
        Moves::one($now, LineState::Passed);
        $now->lab_said = null;
        $looked = array_filter($worked->findings, fn (Finding $found): bool => $found->level !== Severity::Fine);
        $now->passed_with = array_values(array_map(fn (Finding $finding): array => $finding->toArray(), $looked));
    }

    /**
     * Says yes to what a line has alike with others; where nothing else is to be looked at, it passes.
     *
     * @param  string  $alike  how that is told of many lines
     */
    public static function settle(Line $now, WorkedLine $worked, string $alike): void
    {
        $these = array_filter($worked->findings, fn (Finding $finding): bool => Alike::words($finding) === $alike);
        $keys = array_map(fn (Finding $finding): string => $finding->key(), $these);
        $now->settled = array_values(array_unique([...$now->settled ?? [], ...$keys]));
        $then = $worked->settledBy($now->settled);
        $hasMore = ! $then->isFine() || $then->line->isSeenFirst() || $then->isWaiting() || $now->lab_said !== null;
        if ($now->state === LineState::Open && ! $hasMore) {
            self::mark($now, $then);
        }
    }
}
