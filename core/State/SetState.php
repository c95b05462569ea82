<?php

declare(strict_types=1);

namespace Planisher\State;

/** Whether a set of files is being made. */
enum SetState: string implements State
{
    case Running = 'running';

    case Paused = 'paused';

    case Stopped = 'stopped';

    public function moves(): array
    {
        return match ($this) {
            self::Running => [
                'somebody pauses it' => self::Paused,
                'somebody stops it' => self::Stopped,
                'somebody goes on, though it isn’t held' => self::Running,
            ],
            self::Paused => [
                'somebody goes on' => self::Running,
                'somebody stops it' => self::Stopped,
                'somebody pauses it once more' => self::Paused,
            ],
            self::Stopped => [
                'somebody goes on, or has one of its files made' => self::Running,
                'somebody pauses it' => self::Paused,
                'somebody stops it once more' => self::Stopped,
            ],
        };
    }

    public function meaning(): string
    {
        return match ($this) {
            self::Running => 'its files are made one after the other',
            self::Paused => 'what isn’t begun waits until somebody goes on',
            self::Stopped => 'what isn’t begun isn’t made, unless somebody goes on',
        };
    }

    /** @return 'paused'|'stopped'|null as it is told: null where nothing holds it */
    public function held(): ?string
    {
        return $this === self::Running ? null : $this->value;
    }
}
