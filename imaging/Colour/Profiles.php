<?php

declare(strict_types=1);

namespace Planisher\Imaging\Colour;

use Planisher\Colour\PaperProfile;
use Planisher\Colour\Space;

/** All profiles that pictures are converted by, those of papers too, and the tables that are worked out from them. */
final class Profiles
{
    public readonly CodeTables $tables;

    /**
     * @param  ?\Closure(string): string  $kept  finds a paper's profile by its checksum, for those that weren't named
     * @param  ?string  $tables  where tables are kept from one process to the next
     * @param  array<string, string>  $papers  paths of papers' profiles by checksum
     */
    public function __construct(private readonly ?\Closure $kept = null, ?string $tables = null, private array $papers = [])
    {
        $this->tables = new CodeTables($tables);
    }

    public function know(PaperProfile $profile, string $path): void
    {
        $this->papers[$profile->sha256] = $path;
    }

    public function path(Space|PaperProfile $of): string
    {
        return $of instanceof Space
            ? ShippedProfiles::path($of)
            : ($this->papers[$of->sha256] ??= $this->kept === null ? '' : ($this->kept)($of->sha256));
    }

    /** @return array<string, string> what another process needs to know this one, by checksum */
    public function pathsOf(Space|PaperProfile $of): array
    {
        return $of instanceof Space ? [] : [$of->sha256 => $this->path($of)];
    }

    public function bytes(Space|PaperProfile $of): string
    {
        return (string) file_get_contents($this->path($of));
    }
}
