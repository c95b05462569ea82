<?php

declare(strict_types=1);

namespace App\Console;

use App\Logging\Discreet;
use App\Recovery\LostJobRecovery;
use App\Workers\Machines;
use Illuminate\Console\Command;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;

/**
 * Hands back what dead workers held: once, as whoever follows a dead worker asks for it, or for as long as the machine works, saying
 * that it is there, too.
 */
final class RecoverCommand extends Command
{
    protected $signature = 'planisher:recover
        {--watch= : go on, saying for so many workers that this machine is there}';

    protected $description = 'Hand back what a dead worker was making or sending';

    /** A process that goes on for ever holds on to what changes beneath it: another follows. */
    private const MOST_SECONDS = 3600;

    public function handle(): int
    {
        $workers = $this->option('watch');
        $until = time() + ($workers === null ? -1 : self::MOST_SECONDS);
        do {
            $isDone = $this->once($workers === null ? null : (int) $workers);
            $workers === null || sleep(Machines::BEAT_SECONDS);
        } while (time() < $until);

        return $isDone ? self::SUCCESS : self::FAILURE;
    }

    private function once(?int $workers): bool
    {
        try {
            $workers === null || Machines::beat($workers);
            foreach ((new LostJobRecovery())->all() as $what) {
                $this->info(now()->toIso8601String()." Handed back {$what}.");
            }

            return true;
        } catch (QueryException $e) {
            $this->warn(now()->toIso8601String().' The database isn’t answering: '.Discreet::message($e));
        } catch (\Throwable $e) {
            $this->warn(now()->toIso8601String()." The queue isn’t answering: {$e->getMessage()}");
        }
        DB::purge(); // the next try begins with a connection of its own

        return false;
    }
}
