<?php

declare(strict_types=1);

namespace App\Files;

/** The disk can't be reached at the moment. Nothing is lost by it; it is worth trying again. */
final class DiskAway extends \RuntimeException
{
    public static function since(\Throwable $why): self
    {
        return new self('The studio’s files can’t be reached at the moment. Nothing is lost; this is tried again.', 0, $why);
    }

    public static function sentOtherwise(): self
    {
        return new self('What was sent to the studio’s store isn’t there as it was sent. It is sent again.');
    }
}
