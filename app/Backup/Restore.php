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
            throw new CopyRefused("The copy {$copy->name} can’t be put back: its database isn’t what was copied. Take an earlier one.");
        }
        if (! is_file(database_path("migrations/{$about['migration']}.php"))) {
            throw new CopyRefused("The copy {$copy->name} is of a newer Planisher than this one. Put it back with that version.");
        }
        if (trim((string) @file_get_contents($copy->path(CopyFolder::SETTINGS))) !== 'APP_KEY='.config('app.key')) {
            throw new CopyRefused(
                "The copy {$copy->name} was locked by another APP_KEY than this machine has. Give it that of “{$copy->path(
                    CopyFolder::SETTINGS,
                )}”.",
            );
        }
        if (! Unfinished::isMarked() && Schema::hasTable('users') && User::query()->exists()) {
            throw new CopyRefused('There is a studio here already. Put a copy back where nothing is: nothing is overwritten.');
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
            throw new CopyRefused(
                "The copy {$copy->name} can’t be put back: its list names {$files} of its {$about['files']} files, or was altered. ".
                    'Take an earlier one.',
            );
        }
    }

    /** Whether all of it is whole, and nothing is in its way: before anything is changed. */
    private function canComeBack(CopyFolder $copy): void
    {
        $seen = [];
        foreach ($copy->files() as $key => $of) {
            if ($this->disk->has($key) && ! $this->disk->isWhole($key, $of['sha256'])) {
                throw new CopyRefused("“{$key}” is kept here already and is another file. Nothing is overwritten: move it away first.");
            }
            $isSeen = isset($seen[$of['sha256']]);
            $seen[$of['sha256']] = true;
            if (! $isSeen && (! is_file($copy->sum($of['sha256'])) || Checksum::of($copy->sum($of['sha256'])) !== $of['sha256'])) {
                throw new CopyRefused(
                    "The copy {$copy->name} isn’t whole: “{$key}” is missing from it or was altered. Take an earlier one.",
                );
            }
        }
    }

    private static function database(CopyFolder $copy): void
    {
        $from = $copy->path(CopyFolder::DATABASE);
        $process = DatabaseProgram::run('gunzip -c "$file" | "$@"', $from, ['mariadb', '--no-defaults']);
        DB::purge();
        $process->isSuccessful() || throw new CopyRefused('The database couldn’t be put back. '.trim($process->getErrorOutput()));
    }
}
