<?php

declare(strict_types=1);

namespace App\Parcels;

/** Why something doesn't go, in words, and the made file that has to be made again, where it is for one. */
final class CannotPack extends \RuntimeException
{
    public function __construct(string $message, public readonly ?int $fileId = null, ?\Throwable $previous = null)
    {
        parent::__construct($message, 0, $previous);
    }

    public static function lineNotReady(int $number, string $why): self
    {
        return new self("Line {$number} can’t go: {$why}.");
    }

    public static function nothingReady(): self
    {
        return new self('Nothing is ready to go. Pass lines, make their files, then pack them.');
    }

    /** A made file that isn't what was made any more: it has to be made again. */
    public static function changed(string $file, ?int $fileId): self
    {
        $why = "“{$file}” isn’t what was made any more: it was changed, moved or lost since. It wasn’t sent. Make it again.";

        return new self($why, $fileId);
    }

    public static function diskFull(?\Throwable $previous = null): self
    {
        $why = 'The parcel can’t be written: the disk is full, or can’t be written to. Make room, then pack it again.';

        return new self($why, null, $previous);
    }

    public static function parcelEmpty(): self
    {
        return new self('The parcel has no files any more.');
    }

    public static function jobSheetAltered(): self
    {
        return new self('The job sheet of this parcel was altered on the disk, and its order has changed since. Pack the lines again.');
    }

    public static function unreadable(string $file): self
    {
        return new self("“{$file}” can’t be read. Make it again.");
    }

    public static function noService(string $lab): self
    {
        return new self("{$lab} has no service on its card. Hand the parcel over by hand.");
    }

    public static function handedOver(): self
    {
        return new self('It was handed over by hand. It isn’t sent besides.');
    }

    public static function onItsWay(): self
    {
        return new self('It is on its way to the lab’s service. Stop it first.');
    }
}
