<?php

declare(strict_types=1);

namespace Planisher\Parcel;

/** What a lab answered is no answer to this parcel; the message says why, for the person who sent it. */
final class AnswerRefused extends \RuntimeException
{
    public static function otherParcel(): self
    {
        return new self('The lab answered of another parcel. Nothing was taken of it; it is asked again.');
    }

    public static function unreadable(\Throwable $why): self
    {
        return new self('The lab answered nothing that can be read. Nothing was taken of it; it is asked again.', 0, $why);
    }

    public static function sealBroken(): self
    {
        return new self('The receipt’s seal doesn’t agree: it was altered, or isn’t from this lab. It wasn’t taken. Ask the lab.');
    }

    public static function receiptOfOtherParcel(): self
    {
        return new self('The receipt is for another parcel. It wasn’t taken. Ask the lab.');
    }

    public static function receiptOfOtherContents(): self
    {
        return new self('The receipt is for other contents than were sent. It wasn’t taken. Ask the lab.');
    }

    public static function unreadableReceipt(\Throwable $why): self
    {
        return new self("The receipt can’t be read: {$why->getMessage()}. It wasn’t taken. Ask the lab.", 0, $why);
    }

    public static function otherCount(int $told, int $sent): self
    {
        return new self("The receipt is for {$told} files, and {$sent} were sent. It wasn’t taken. Ask the lab.");
    }
}
