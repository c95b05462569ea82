<?php

declare(strict_types=1);

namespace App\Pictures;

use Planisher\Measure\Figure;
use Planisher\Picture\PictureRefused;

/** A picture that can't be taken in here and now, whatever it is: its upload broke off, its folder or the studio's disk fails. */
final class CannotTake extends PictureRefused
{
    public static function noPlainFile(): self
    {
        return new self('it is no plain file.');
    }

    public static function unreadable(): self
    {
        return new self('it can’t be read, or is no plain file. Let the user that Planisher runs as read it.');
    }

    public static function beingWritten(): self
    {
        return new self('it is still being written. Wait a moment, then take it again.');
    }

    public static function diskFull(): self
    {
        return new self('the studio’s disk is full or can’t be written to. Make room and add it again.');
    }

    public static function changedMeanwhile(): self
    {
        return new self('it was changed while it was copied. Take it again.');
    }

    public static function tooManyUploads(int $most): self
    {
        return new self('as many uploads as may be are begun and unfinished ('.$most.'). Let them end, then add it again.');
    }

    /**
     * @param  int  $free bytes that are free and promised to none
     * @param  int  $promised bytes that uploads which are begun have still to send
     */
    public static function noRoom(int $free, int $promised): self
    {
        $free = Figure::bytes($free);
        $others = $promised > 0 ? ', and '.Figure::bytes($promised).' of uploads that are begun are still to come' : '';

        return new self("the studio’s disk has no room for it: {$free} are free{$others}. Make room, or let those end, then add it again.");
    }

    public static function firstPartGone(): self
    {
        return new self('its first part is gone. Add it again.');
    }

    public static function diskFullPartWay(): self
    {
        return new self('the studio’s disk is full. Make room; it goes on from where it is.');
    }
}
