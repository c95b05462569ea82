<?php

declare(strict_types=1);

namespace Planisher\State;

/** Where a line of an order is. */
enum LineState: string implements State
{
    case Open = 'open';

    case Passed = 'passed';

    case Made = 'made';

    public function moves(): array
    {
        return match ($this) {
            self::Open => ['somebody passes it' => self::Passed],
            self::Passed => ['its files are made' => self::Made, 'it is changed, or held' => self::Open],
            self::Made => [
                'it is changed, held, or sent back by the lab' => self::Open,
                'its files are to have other names, or it is passed once more' => self::Passed,
            ],
        };
    }

    public function meaning(): string
    {
        return match ($this) {
            self::Open => 'to be looked at',
            self::Passed => 'its files may be made',
            self::Made => 'all of its files are made, of the line as it is',
        };
    }
}
