<?php

declare(strict_types=1);

namespace Planisher\State;

/** Where a file is that is to be made. */
enum FileState: string implements State
{
    case Waiting = 'waiting';

    case Making = 'making';

    case Made = 'made';

    case Failed = 'failed';

    case Stopped = 'stopped';

    public function moves(): array
    {
        return match ($this) {
            self::Waiting => [
                'a worker takes it' => self::Making,
                'somebody stops its set' => self::Stopped,
                'five workers have died on it' => self::Failed,
            ],
            self::Making => [
                'it is made and read back' => self::Made,
                'it can’t be made' => self::Failed,
                'its disk is away or full, or its worker is gone' => self::Waiting,
                'the job of a worker that died comes again' => self::Making,
            ],
            self::Made => ['it was lost or damaged, and is made again' => self::Waiting, 'it was altered since' => self::Failed],
            self::Failed => ['it is made again' => self::Waiting, 'it was put right by hand' => self::Made],
            self::Stopped => ['somebody goes on' => self::Waiting],
        };
    }

    public function meaning(): string
    {
        return match ($this) {
            self::Waiting => 'it waits for a worker',
            self::Making => 'a worker has it',
            self::Made => 'it is there, and was read back',
            self::Failed => 'it isn’t there, and its page says why',
            self::Stopped => 'not made, since the making was stopped',
        };
    }

    /** @return non-empty-list<self> those of which something is yet to be made */
    public static function unfinished(): array
    {
        return [self::Waiting, self::Making];
    }
}
