<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Lab\Paper;
use Planisher\Line\LineChange;
use Planisher\Plan\LineContext;

/** Asks for a look when a line names a paper that the lab's card doesn't have, or one whose profile can't be used. */
final class PaperKnown implements Check
{
    public function judge(LineContext $at): ?Finding
    {
        [$wanted, $lab] = [$at->line->paper, $at->lab];
        $paper = $lab->paper($wanted);
        if ($wanted !== null && $paper === null) {
            $of = $lab->product($at->line->product)->papers ?? [];
            $has = implode(', ', array_map(fn (Paper $one): string => $one->name, $lab->papers));

            return Finding::look(
                'paper-unknown',
                $of === [] ? "{$lab->name} has no “{$wanted}”" : "{$lab->name} prints no {$at->line->product} on “{$wanted}”",
                $has === '' ? 'Its card names no papers.' : ($of === [] ? "Its card has {$has}." : "It is printed on {$has}."),
                new Remedy('Take the lab’s first', LineChange::without('paper')),
            );
        }
        $trouble = $paper?->profile === null ? null : $lab->profiles->trouble($paper->profile);

        return $trouble === null || $paper === null
            ? null
            : Finding::look(
                'paper-profile-refused',
                "The profile of “{$paper->name}” can’t be used",
                ucfirst(rtrim($trouble, '.')).'. The print can’t be seen on its paper.',
            );
    }
}
