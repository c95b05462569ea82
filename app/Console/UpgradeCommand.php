<?php

declare(strict_types=1);

namespace App\Console;

use App\Logging\Discreet;
use App\Upgrade\Upgrade;
use App\Upgrade\UpgradeRefused;
use Illuminate\Console\Command;
use Illuminate\Database\QueryException;

/** What bin/planisher start does to the database before anybody works with it. */
final class UpgradeCommand extends Command
{
    protected $signature = 'planisher:upgrade {--look : change nothing, and tell whether it may be worked with}';

    protected $description = 'Bring the database to this version; goes on where it was broken off';

    public function handle(): int
    {
        $upgrade = new Upgrade(storage_path('upgrade'));
        try {
            $this->option('look') ? $upgrade->look() : $upgrade->run(fn (string $what) => $this->line("  {$what}"));
        } catch (UpgradeRefused $e) {
            $this->error($e->getMessage());

            return self::FAILURE;
        } catch (QueryException $e) {
            $this->error('The database isn’t answering as it should: '.Discreet::message($e));

            return self::FAILURE;
        }

        return self::SUCCESS;
    }
}
