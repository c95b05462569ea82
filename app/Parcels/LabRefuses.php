<?php

declare(strict_types=1);

namespace App\Parcels;

/** The lab says no, and will again: somebody has to mend something first. The message says what. */
final class LabRefuses extends \RuntimeException
{
    public static function sentElsewhere(string $lab): self
    {
        return new self("{$lab} would have the files sent elsewhere than to its own address. Nothing was sent.");
    }

    public static function badAddress(string $why): self
    {
        return new self("{$why} Put the right address on the lab’s card, then send again.");
    }

    public static function keyUnknown(string $lab): self
    {
        return new self("{$lab} doesn’t know the key. Put the right one on the lab’s card, then send again.");
    }

    public static function turnedDown(string $lab, int $status, string $words): self
    {
        return new self("{$lab} doesn’t take it ({$status}){$words}");
    }

    public static function noService(string $lab): self
    {
        return new self("{$lab} has no service any more.");
    }
}
