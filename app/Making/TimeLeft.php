<?php

declare(strict_types=1);

namespace App\Making;

use App\Models\MadeFile;
use App\Models\Make;
use Illuminate\Support\Collection;
use Planisher\State\FileState;
use Planisher\State\SetState;

/** How long a set will still take: by the pixels that are left, and how fast pixels were made last. */
final class TimeLeft
{
    /** Files that tell how fast it goes. */
    private const LOOKED_AT = 40;

    /** @return ?float seconds; null while nothing is being made or nobody can know */
    public static function of(Make $make): ?float
    {
        $left = $make->files->sum(
            fn (MadeFile $file): float => match ($file->state) {
                FileState::Waiting => $file->pixels,
                FileState::Making => $file->pixels * (1 - $file->percent / 100),
                default => 0,
            },
        );
        $rate = $left > 0 && $make->state === SetState::Running ? self::rate($make) : null;

        return $rate === null ? null : round($left / $rate / max(1, $make->files->where('state', FileState::Making)->count()), 1);
    }

    /** @return ?float pixels a second and worker: of this set, else of what was made last at all */
    private static function rate(Make $make): ?float
    {
        $timed = $make->files->filter(fn (MadeFile $file): bool => $file->seconds > 0 && $file->pixels > 0);

        return self::across($timed->isEmpty() ? self::last() : $timed);
    }

    /** @return Collection<int, MadeFile> */
    private static function last(): Collection
    {
        $query = MadeFile::query()->where('seconds', '>', 0);
        $query->latest('id')->limit(self::LOOKED_AT);

        return $query->get(['id', 'pixels', 'seconds']);
    }

    /** @param  Collection<int, MadeFile>  $files */
    private static function across(Collection $files): ?float
    {
        $seconds = (float) $files->sum('seconds');

        return $seconds > 0 ? (float) $files->sum('pixels') / $seconds : null;
    }
}
