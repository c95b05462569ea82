<?php

declare(strict_types=1);

namespace App\Making;

use App\Files\Disk;
use App\Models\MadeFile;
use App\States\Moves;
use Planisher\State\FileState;

/** What leaves for a person's own disk: each made file is held against its sum whenever it goes. */
final class Leaving
{
    public function __construct(private readonly Disk $disk) {}

    /**
     * Gives where a file can be read, once its checksum was taken anew. One that was altered is no made file any more: its page says so,
     * and has it made again.
     *
     * @throws Altered
     */
    public function path(MadeFile $file): string
    {
        if ($this->disk->isWhole($file->key(), (string) $file->sha256)) {
            return $file->path();
        }
        Moves::all(MadeFile::query()->whereKey($file->id), [FileState::Made], FileState::Failed, ['error' => Altered::words($file->name)]);
        throw new Altered($file);
    }
}
