<?php

declare(strict_types=1);

namespace Planisher\Parcel;

/** Where a parcel is. */
enum ParcelState: string
{
    /** It lies ready, and nobody has sent it. */
    case Packed = 'packed';

    case Sending = 'sending';

    /** Something kept it from being sent; it is tried again by itself. */
    case Waiting = 'waiting';

    /** Somebody stopped it, or something has to be mended first. */
    case Stopped = 'stopped';

    /** All of it is with the lab, which hasn't said yet what it thinks of it. */
    case Sent = 'sent';

    case Received = 'received';

    case Printing = 'printing';

    case Dispatched = 'dispatched';

    /** The lab doesn't print it, or some of it, and says why. */
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

    /** Whether a lab may say this after that: nothing goes backwards but what comes back. */
    public function mayFollow(self $before): bool
    {
        $order = [self::Sent, self::Received, self::Printing, self::Dispatched];
        [$now, $then] = [array_search($this, $order, true), array_search($before, $order, true)];

        return $this === self::Back ? $before !== self::Dispatched : $now !== false && $then !== false && $now >= $then;
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
