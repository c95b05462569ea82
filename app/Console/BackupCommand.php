<?php

declare(strict_types=1);

namespace App\Console;

use App\Backup\Backup;
use App\Backup\CopyRefused;
use App\Files\CannotKeep;
use App\Files\DiskAway;
use Illuminate\Console\Command;
use Planisher\Measure\Figure;

/** bin/planisher backup TO: copies the instance while it is used. */
final class BackupCommand extends Command
{
    protected $signature = 'planisher:backup {to : a folder, the same each time}';

    protected $description = 'Copy the database and the files, and check the copy';

    public function handle(Backup $backup): int
    {
        $to = $this->argument('to');
        try {
            $done = $backup->to(is_string($to) ? $to : '');
        } catch (CopyRefused|CannotKeep|DiskAway $e) {
            $this->error(ucfirst($e->getMessage()));

            return self::FAILURE;
        }
        $this->info(
            "Copied as {$done['name']}: the database and ".
                Figure::count($done['files']).
                ' files, '.
                Figure::bytes($done['bytes']).
                ', of which '.
                Figure::count($done['written']).
                ' were new. Each was read back.',
        );

        return self::SUCCESS;
    }
}
