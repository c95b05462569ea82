<?php

declare(strict_types=1);

namespace App\Console;

use App\Backup\CopyFolder;
use App\Backup\CopyRefused;
use App\Backup\Restore;
use App\Files\CannotKeep;
use App\Files\DiskAway;
use Illuminate\Console\Command;

/** bin/planisher restore FROM: puts a copy back where nothing is. */
final class RestoreCommand extends Command
{
    protected $signature = 'planisher:restore {from : a folder of copies, or one of them}';

    protected $description = 'Put a copy back, where nothing is yet';

    public function handle(Restore $restore): int
    {
        $from = $this->argument('from');
        try {
            $copy = CopyFolder::in(is_string($from) ? $from : '');
            $files = $restore->from($copy);
        } catch (CopyRefused|CannotKeep|DiskAway $e) {
            $this->error(ucfirst($e->getMessage()));

            return self::FAILURE;
        }
        $this->info("{$copy->name} is back: the database and {$files} files, each as it was.");

        return self::SUCCESS;
    }
}
