<?php

declare(strict_types=1);

namespace App\Backup;

use App\Files\Disk;
use App\Models\Picture;
use App\Models\User;
use App\Pictures\PictureStore;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Planisher\Imaging\Files\Checksum;
use Planisher\Picture\PictureFacts;

/** Puts a copy back where nothing is: the database, brought to this version, then each file, held against its sum. */
final class Restore
{
    public function __construct(private readonly Disk $disk) {}

    /**
     * @return int how many files came back
     *
     * @throws CopyRefused
     */
    public function from(CopyFolder $copy): int
    {
        $about = $copy->about();
        if (Checksum::of($copy->path(CopyFolder::DATABASE)) !== $about['sha256']) {
            throw CopyRefused::databaseAltered($copy->name);
        }
        if (! is_file(database_path("migrations/{$about['migration']}.php"))) {
            throw CopyRefused::ofNewerVersion($copy->name);
        }
        if (trim((string) @file_get_contents($copy->path(CopyFolder::SETTINGS))) !== 'APP_KEY='.config('app.key')) {
            throw CopyRefused::lockedByAnotherKey($copy->name, $copy->path(CopyFolder::SETTINGS));
        }
        if (! Unfinished::isMarked() && Schema::hasTable('users') && User::query()->exists()) {
            throw CopyRefused::studioIsHere();
        }
        self::isListed($copy, $about);
        $this->canComeBack($copy);
        $kept = [];
        try {
            Schema::dropAllTables(); // what one that was broken off has left
            Unfinished::mark();
            self::database($copy);
            Artisan::call('migrate', ['--force' => true]);
            $files = $this->files($copy, $kept);
            foreach (Picture::all() as $picture) {
                // What is as it was when it came isn't read again (PictureStore).
                $stamp = $this->disk->stamp(PictureStore::key(PictureFacts::fromArray($picture->facts)));
                $stamp === null || $picture->update(['modified_at' => $stamp->changedAt]);
            }
            Unfinished::unmark();
        } catch (\Throwable $e) {
            array_map(fn (string $key) => rescue(fn () => $this->disk->remove($key), report: false), $kept);
            rescue(Schema::dropAllTables(...), report: false);
            throw $e;
        }

        return $files;
    }

    /**
     * @param  list<string>  $kept  keys of what wasn't there before
     * @return int how many there are
     */
    private function files(CopyFolder $copy, array &$kept): int
    {
        $first = [];
        $files = 0;
        foreach ($copy->files() as $key => $of) {
            $files++;
            $earlier = $first[$of['sha256']] ??= $key;
            if ($this->disk->has($key)) {
                continue; // the store has outlived its database
            }
            $kept[] = $key;
            $earlier !== $key && str_starts_with($key, 'parcels/')
                ? $this->disk->repeat($earlier, $key, $of['sha256'], isApart: false)
                : $this->disk->keep($copy->sum($of['sha256']), $key, $of['sha256']);
        }

        return $files;
    }

    /**
     * Whether the list of files is the one that was written.
     *
     * @param  array{files: int, bytes: int, list: ?string}  $about
     */
    private static function isListed(CopyFolder $copy, array $about): void
    {
        [$files, $bytes] = [0, 0];
        foreach ($copy->files() as $of) {
            $files++;
            $bytes += $of['bytes'];
        }
        $isSame = $about['list'] === null || Checksum::of($copy->path(CopyFolder::FILES)) === $about['list'];
        if (! $isSame || $files !== $about['files'] || $bytes !== $about['bytes']) {
            throw CopyRefused::listAltered($copy->name, $files, $about['files']);
        }
    }

    /** Whether all of it is whole, and nothing is in its way: before anything is changed. */
    private function canComeBack(CopyFolder $copy): void
    {
        $seen = [];
        foreach ($copy->files() as $key => $of) {
            if ($this->disk->has($key) && ! $this->disk->isWhole($key, $of['sha256'])) {
                throw CopyRefused::keptOtherwise($key);
            }
            $isSeen = isset($seen[$of['sha256']]);
            $seen[$of['sha256']] = true;
            if (! $isSeen && (! is_file($copy->sum($of['sha256'])) || Checksum::of($copy->sum($of['sha256'])) !== $of['sha256'])) {
                throw CopyRefused::notWhole($copy->name, $key);
            }
        }
    }

    private static function database(CopyFolder $copy): void
    {
        $from = $copy->path(CopyFolder::DATABASE);
        $process = DatabaseProgram::run('gunzip -c "$file" | "$@"', $from, ['mariadb', '--no-defaults']);
        DB::purge();
        $process->isSuccessful() || throw CopyRefused::databaseNotPutBack($process->getErrorOutput());
    }
}
