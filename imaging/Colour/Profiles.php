<?php

declare(strict_types=1);

namespace Planisher\Imaging\Colour;

use Planisher\Colour\PaperProfile;
use Planisher\Colour\Space;

/** All profiles that pictures are converted by, those of papers too, and the tables that are worked out from them. */
final class Profiles
{
    /** @var array<string, string> paths by checksum */
    private array $papers = [];

    public readonly CodeTables $tables;

    /**
     * @param  ?string  $folder  where papers' profiles are kept under their checksums, for those that weren't named one by one
     * @param  ?string  $tables  where tables are kept from one process to the next
     */
    public function __construct(public readonly ?string $folder = null, ?string $tables = null)
    {
        $this->tables = new CodeTables($tables);
    }

    public function know(PaperProfile $profile, string $path): void
    {
        $this->papers[$profile->sha256] = $path;
    }

    public function path(Space|PaperProfile $of): string
    {
        return $of instanceof Space ? ShippedProfiles::path($of) : $this->papers[$of->sha256] ?? "{$this->folder}/{$of->sha256}.icc";
    }

    public function bytes(Space|PaperProfile $of): string
    {
        return (string) file_get_contents($this->path($of));
    }
}
