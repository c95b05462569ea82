<?php

declare(strict_types=1);

namespace App\Parcels;

/** The lab isn't to be reached, or answers what can't be meant; it is tried again later. */
final class LabAway extends \RuntimeException
{
    public static function heldOtherwise(string $lab): self
    {
        return new self("{$lab} had another part of the file than was thought.");
    }

    public static function ofUnreadable(\Throwable $why): self
    {
        return new self($why->getMessage(), 0, $why);
    }

    public static function unreached(string $lab, ?\Throwable $why): self
    {
        return new self("{$lab} can’t be reached, or doesn’t answer.", 0, $why);
    }

    public static function answered(string $lab, int $status, string $words): self
    {
        return new self("{$lab} answered {$status}{$words}");
    }

    public static function answeredNothing(string $lab): self
    {
        return new self("{$lab} answered nothing that can be read.");
    }
}
