<?php

declare(strict_types=1);

namespace Planisher\Colour;

/** The profiles that are at hand, by the name of their file, and why others can't be used. */
final readonly class ProfileShelf
{
    /** @param  array<string, PaperProfile|string>  $profiles  a string is why it can't be used */
    public function __construct(private array $profiles = []) {}

    public function get(?string $file): ?PaperProfile
    {
        $held = $this->profiles[$file ?? ''] ?? null;

        return $held instanceof PaperProfile ? $held : null;
    }

    /** Why a profile can't be used, in plain words; null when it can. */
    public function trouble(string $file): ?string
    {
        $held = $this->profiles[$file] ?? 'it isn’t there. Put it beside the pictures, or upload it to the lab card';

        return is_string($held) ? $held : null;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return array_map(fn (PaperProfile|string $held): array|string => is_string($held) ? $held : $held->toArray(), $this->profiles);
    }

    /** @param  array<string, string|array{file: string, sha256: string, description: string}>  $stored */
    public static function fromArray(array $stored): self
    {
        return new self(
            array_map(fn (array|string $held): PaperProfile|string => is_string($held) ? $held : PaperProfile::fromArray($held), $stored),
        );
    }
}
