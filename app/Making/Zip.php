<?php

declare(strict_types=1);

namespace App\Making;

use App\Files\Disk;
use App\Files\StoredZip;
use App\Models\MadeFile;
use App\Models\Make;
use Illuminate\Database\Eloquent\Collection;
use Planisher\State\FileState;

/**
 * All made files of a set in one ZIP, or its copies for screens in one of theirs; stored and not packed again: JPEG and TIFF are
 * packed already.
 */
final class Zip
{
    public function __construct(private readonly Disk $disk, private readonly Leaving $leaving) {}

    public function isThere(Make $make, bool $forScreens = false): bool
    {
        return $this->disk->has(self::key($make, self::files($make, $forScreens)));
    }

    /** Whether it is there, or packed at once when it is asked for. */
    public function isReady(Make $make, bool $forScreens = false): bool
    {
        $files = self::files($make, $forScreens);

        return StoredZip::isSoonPacked((int) $files->sum('bytes')) || $this->disk->has(self::key($make, $files));
    }

    /**
     * Writes the ZIP, or finds it written as it was, and gives its path.
     *
     * @throws Altered
     */
    public function of(Make $make, bool $forScreens = false): string
    {
        $files = self::files($make, $forScreens);
        $paths = fn (): array => $files
            ->mapWithKeys(fn (MadeFile $file): array => [$file->name => $this->leaving->path($file->setRelation('make', $make))])
            ->all();

        return StoredZip::kept($this->disk, self::key($make, $files), $paths);
    }

    /** @return Collection<int, MadeFile> */
    private static function files(Make $make, bool $forScreens): Collection
    {
        return $make
            ->files()
            ->where(['state' => FileState::Made, 'is_for_screen' => $forScreens])
            ->get();
    }

    /** @param  Collection<int, MadeFile>  $files */
    private static function key(Make $make, Collection $files): string
    {
        return "zips/{$make->id}-".substr(hash('sha256', $files->pluck('sha256')->implode(',')), 0, 16).'.zip';
    }
}
