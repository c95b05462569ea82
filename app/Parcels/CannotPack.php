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
}
