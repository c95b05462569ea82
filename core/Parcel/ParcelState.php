<?php

declare(strict_types=1);

namespace Planisher\Parcel;

use Planisher\State\State;

/** Where a parcel is. */
enum ParcelState: string implements State
{
    case Packed = 'packed';

    case Sending = 'sending';

    case Waiting = 'waiting';

    case Stopped = 'stopped';

    case Sent = 'sent';

    case Received = 'received';

    case Printing = 'printing';

    case Dispatched = 'dispatched';

    case Back = 'back';

    /** Whether it is on its way or with the lab: its lines are sent. */
    public function isAway(): bool
    {
        return in_array($this, [self::Sent, self::Received, self::Printing, self::Dispatched], true);
    }

    /** Whether what the lab says next may still change it. */
    public function isAwaited(): bool
    {
        return in_array($this, [self::Sent, self::Received, self::Printing], true);
    }

    public function moves(): array
    {
        $back = ['the lab sends it back' => self::Back];

        return match ($this) {
            self::Packed => ['somebody sends it' => self::Sending],
            self::Sending => [
                'all of it is over' => self::Sent,
                'the lab can’t be reached' => self::Waiting,
                'somebody stops it, or something has to be mended' => self::Stopped,
                'another job goes on with it' => self::Sending,
            ],
            self::Waiting => [
                'it is tried again' => self::Sending,
                'somebody stops it, or it was tried too often' => self::Stopped,
                'all of it was over already' => self::Sent,
            ],
            self::Stopped => ['somebody sends it' => self::Sending, 'all of it was over already' => self::Sent],
            self::Sent => [
                'the lab has it' => self::Received,
                'the lab prints it' => self::Printing,
                'the lab has printed it' => self::Dispatched,
                ...$back,
            ],
            self::Received => ['the lab prints it' => self::Printing, 'the lab has printed it' => self::Dispatched, ...$back],
            self::Printing => ['the lab has printed it' => self::Dispatched, ...$back],
            self::Dispatched, self::Back => [],
        };
    }

    public function meaning(): string
    {
        return match ($this) {
            self::Packed => 'it lies ready, and nobody has sent it',
            self::Sending => 'it goes over to the lab’s service',
            self::Waiting => 'something kept it from being sent; it is tried again by itself',
            self::Stopped => 'somebody stopped it, or something has to be mended first',
            self::Sent => 'all of it is with the lab, which hasn’t said yet what it thinks of it',
            self::Received => 'the lab has it, and gave a receipt',
            self::Printing => 'the lab prints it',
            self::Dispatched => 'the lab has printed it',
            self::Back => 'the lab doesn’t print it, or some of it, and says why',
        };
    }

    /** Whether a lab may say this after that: nothing goes backwards but what comes back. */
    public function mayFollow(self $before): bool
    {
        return in_array($this, $before->moves(), true) || ($this === $before && $this->isAway());
    }

    public function label(): string
    {
        return match ($this) {
            self::Packed => 'packed',
            self::Sending => 'on its way',
            self::Waiting => 'waiting to be tried again',
            self::Stopped => 'stopped',
            self::Sent => 'sent',
            self::Received => 'received',
            self::Printing => 'printing',
            self::Dispatched => 'dispatched',
            self::Back => 'back',
        };
    }
}
