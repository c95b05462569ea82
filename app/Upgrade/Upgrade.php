<?php

declare(strict_types=1);

namespace App\Upgrade;

use App\Backup\DatabaseProgram;
use App\Backup\Unfinished;
use Illuminate\Database\Migrations\Migrator;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Symfony\Component\Process\Process;

/**
 * Brings the database to this version. MariaDB can't take back half a change of its tables, so a copy is kept until all of them are
 * changed: whatever breaks it off, the next start goes back to the copy and begins anew.
 */
final class Upgrade
{
    /** What is there while the tables are being changed. */
    private const COPY = 'before.sql.gz';

    private readonly Migrator $migrator;

    /** @param  string  $folder  of this machine, where a copy of the database has room */
    public function __construct(private readonly string $folder)
    {
        $this->migrator = app('migrator');
    }

    /**
     * @param  callable(string): void  $tell  what is being done, in words
     *
     * @throws UpgradeRefused when it can't be; the database is as it was
     */
    public function run(callable $tell): void
    {
        $this->isWell();
        is_dir($this->folder) || mkdir($this->folder, 0750, true);
        if (is_file($this->copy())) {
            $tell('The database was being brought to this version when that was broken off. It is begun anew.');
            $this->goBack();
        }
        $steps = count($this->ahead());
        if ($steps === 0) {
            return;
        }
        $this->keep();
        $tell("The database is brought to this version ({$steps} ".($steps === 1 ? 'step' : 'steps').').');
        try {
            Artisan::call('migrate', ['--force' => true]);
        } catch (\Throwable $e) {
            $this->goBack();
            $this->done();
            throw UpgradeRefused::notUpgraded($e);
        }
        $this->done();
    }

    /**
     * Whether somebody may work with it: a machine without pages changes nothing.
     *
     * @throws UpgradeRefused
     */
    public function look(): void
    {
        $this->isWell();
        if ($this->ahead() !== []) {
            throw UpgradeRefused::older();
        }
    }

    private function isWell(): void
    {
        if (Unfinished::isMarked()) {
            throw UpgradeRefused::restoreBrokenOff();
        }
        $unknown = array_diff($this->ran(), array_keys($this->steps()));
        if ($unknown !== []) {
            throw UpgradeRefused::newer(end($unknown));
        }
    }

    /** @return list<string> what is to be done */
    private function ahead(): array
    {
        return array_values(array_diff(array_keys($this->steps()), $this->ran()));
    }

    /** @return array<string, string> paths by name */
    private function steps(): array
    {
        return $this->migrator->getMigrationFiles([database_path('migrations')]);
    }

    /** @return list<string> */
    private function ran(): array
    {
        return $this->migrator->repositoryExists() ? array_values($this->migrator->getRepository()->getRan()) : [];
    }

    /** Written beside, and named when it is whole. */
    private function keep(): void
    {
        $part = "{$this->copy()}.part";
        if (Schema::getTableListing() === []) {
            file_put_contents($part, (string) gzencode('')); // an empty one goes back to being empty
        } else {
            $dump = ['mariadb-dump', '--no-defaults', '--single-transaction', '--quick', '--hex-blob', '--skip-comments'];
            $process = DatabaseProgram::run('"$@" | gzip -1 >"$file" && sync "$file"', $part, $dump);
            if (! $process->isSuccessful() || (new Process(['gzip', '-t', $part]))->run() !== 0) {
                @unlink($part);
                $said = trim(strtok($process->getErrorOutput(), "\n") ?: '');
                throw UpgradeRefused::notCopied($said);
            }
        }
        rename($part, $this->copy());
    }

    private function goBack(): void
    {
        Schema::dropAllTables();
        $process = DatabaseProgram::run('gunzip -c "$file" | "$@"', $this->copy(), ['mariadb', '--no-defaults']);
        DB::purge();
        if (! $process->isSuccessful()) {
            throw UpgradeRefused::notPutBack($this->copy(), $process->getErrorOutput());
        }
    }

    private function done(): void
    {
        @unlink($this->copy());
    }

    private function copy(): string
    {
        return "{$this->folder}/".self::COPY;
    }
}
