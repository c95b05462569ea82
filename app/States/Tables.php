<?php

declare(strict_types=1);

namespace App\States;

use Planisher\Parcel\ParcelState;
use Planisher\State\FileState;
use Planisher\State\LineState;
use Planisher\State\SetState;
use Planisher\State\State;

/** What docs/states.md says: where each thing may be, and where it may go from there. */
final class Tables
{
    private const HEAD = <<<'TEXT'
    # Where things are, and where they may go

    Written by `npm run states` from the states in the code (`core/State/`, `core/Parcel/ParcelState.php`); a test fails where it is older
    than they are. Moves are made by `app/States/Moves` alone: in one statement, or of what is held under a lock. Any other is a fault of
    the program (`ForbiddenMove`), and nothing is written.

    TEXT;

    private const OF = [
        'A line' => LineState::class,
        'A file of it' => FileState::class,
        'A set of files' => SetState::class,
        'A parcel' => ParcelState::class,
    ];

    /** @return string Markdown */
    public static function text(): string
    {
        $text = self::HEAD;
        foreach (self::OF as $what => $states) {
            $text .= "\n## {$what}\n\n| is | that is | goes to | when |\n|---|---|---|---|\n";
            $text .= implode('', array_map(self::rows(...), $states::cases()));
        }

        return $text;
    }

    private static function rows(State $state): string
    {
        $is = "| **{$state->value}** | {$state->meaning()} |";
        $rows = '';
        foreach ($state->moves() as $when => $to) {
            $rows .= "{$is} {$to->value} | {$when} |\n";
            $is = '| | |';
        }

        return $rows === '' ? "{$is} | stays so |\n" : $rows;
    }
}
