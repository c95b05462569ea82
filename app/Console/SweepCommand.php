<?php

declare(strict_types=1);

namespace App\Console;

use App\Housekeeping\Keeping;
use App\Logging\Discreet;
use Illuminate\Console\Command;

/** Removes what has run out or grown beyond its bound; run at start and hourly. */
final class SweepCommand extends Command
{
    protected $signature = 'planisher:sweep';

    protected $description = 'Remove what has run out or grown beyond its bound';

    public function handle(Keeping $keeping): int
    {
        try {
            foreach (array_filter($keeping->sweep()) as $name => $gone) {
                $this->info(now()->toDateTimeString()." swept {$gone} of {$name}.");
            }
        } catch (\Illuminate\Database\QueryException $e) {
            $this->warn('The database isn’t answering: '.Discreet::message($e)); // it is swept the next hour

            return self::FAILURE;
        }

        return self::SUCCESS;
    }
}
