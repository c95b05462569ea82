<?php

declare(strict_types=1);

namespace Planisher\Naming;

/** A file name as it will come out. */
final readonly class FileName
{
    /**
     * @param  bool  $shortened  whether parts were cut to the lab's length
     * @param  bool  $numberedApart  whether a number was added because another line came out the same
     */
    public function __construct(public string $stem, public string $extension, public bool $shortened, public bool $numberedApart) {}

    public function length(): int
    {
        return strlen((string) $this);
    }

    public function __toString(): string
    {
        return "{$this->stem}.{$this->extension}";
    }
}
