<?php

declare(strict_types=1);

namespace App\Console;

use App\Logging\Discreet;
use App\Models\MadeFile;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/**
 * Hands back what dead workers of this machine held, so that the next worker makes it at once and not only when the
 * queue's reservation runs out. Workers of other machines are left to that.
 */
final class RecoverCommand extends Command
{
    protected $signature = 'planisher:recover';

    protected $description = 'Hand back files that a dead worker of this machine was making';

    public function handle(): int
    {
        try {
            foreach (
                MadeFile::query()
                    ->where('state', MadeFile::MAKING)
                    ->where('held_by', 'like', gethostname().':%')
                    ->get() as $file
            ) {
                [, $pid, $job] = explode(':', (string) $file->held_by) + ['', '0', ''];
                if (is_dir("/proc/{$pid}")) {
                    continue;
                }
                $mine = MadeFile::query()
                    ->whereKey($file->id)
                    ->where('held_by', $file->held_by)
                    ->update(['state' => MadeFile::WAITING, 'percent' => 0, 'held_by' => null]);
                if ($mine === 1) {
                    DB::table('jobs')
                        ->where('id', $job)
                        ->update(['reserved_at' => null]);
                    $this->info("Handed back {$file->name}, whose worker {$pid} is gone.");
                }
            }
        } catch (\Illuminate\Database\QueryException $e) {
            $this->warn('The database isn’t answering: '.Discreet::message($e)); // the worker that starts next waits for it

            return self::FAILURE;
        }

        return self::SUCCESS;
    }
}
