<?php

declare(strict_types=1);

namespace Planisher\Colour;

/** An ICC profile of a lab's paper: the file it came in, its checksum, and its own description. */
final readonly class PaperProfile
{
    /** A printer profile is seldom larger than 4 MB; what is much larger is something else. */
    public const MOST_BYTES = 20_000_000;

    public function __construct(public string $file, public string $sha256, public string $description) {}

    /** @return array{file: string, sha256: string, description: string} */
    public function toArray(): array
    {
        return ['file' => $this->file, 'sha256' => $this->sha256, 'description' => $this->description];
    }

    /** @param  array{file: string, sha256: string, description: string}  $stored */
    public static function fromArray(array $stored): self
    {
        return new self($stored['file'], $stored['sha256'], $stored['description']);
    }
}
