<?php

declare(strict_types=1);

namespace App\Parcels;

use App\Files\Disk;
use App\Files\StoredZip;
use App\Models\Parcel;
use Planisher\Parcel\Manifest;

/** A parcel in one ZIP, for a lab that is handed it: its files, its manifest, their sums and the job sheet. */
final class ParcelZip
{
    public function __construct(private readonly Packing $packing, private readonly Disk $disk) {}

    /** Whether it is there, or packed at once when it is asked for; a larger one is packed by a worker. */
    public function isReady(Parcel $parcel): bool
    {
        return StoredZip::isSoonPacked($parcel->bytes) || $this->disk->has(self::key($parcel));
    }

    /**
     * Puts right in the parcel's folder what isn't as it was packed.
     *
     * @throws CannotPack where what was made isn't what it was any more
     */
    public function mend(Parcel $parcel): void
    {
        foreach ($parcel->load('files.madeFile.make')->files as $file) {
            $this->packing->mend($file->setRelation('parcel', $parcel));
        }
        $this->packing->mendPapers($parcel);
    }

    /**
     * Writes it, or finds it written as it was, and gives its path.
     *
     * @throws CannotPack
     */
    public function of(Parcel $parcel): string
    {
        $this->mend($parcel);
        $names = [...$parcel->files->pluck('name')->all(), Manifest::FILE, Packing::SUMS, Packing::JOB_SHEET];
        $paths = fn (): array => array_combine($names, array_map(fn (string $name): string => $parcel->path($name), $names));

        return StoredZip::kept($this->disk, self::key($parcel), $paths);
    }

    private static function key(Parcel $parcel): string
    {
        return "zips/parcel-{$parcel->id}-".substr($parcel->contents, 0, 16).'.zip';
    }
}
