<?php

declare(strict_types=1);

namespace App\Console;

use App\Logging\Discreet;
use App\Models\MadeFile;
use App\Models\Parcel;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/**
 * Hands back what dead workers of this machine held, so that the next worker makes it at once and not only when the
 * queue's reservation runs out. Workers of other machines are left to that.
 */
final class RecoverCommand extends Command
{
    protected $signature = 'planisher:recover';

    protected $description = 'Hand back what a dead worker of this machine was making or sending';

    public function handle(): int
    {
        try {
            $making = MadeFile::query()
                ->where('state', MadeFile::MAKING)
                ->where('held_by', 'like', gethostname().':%');
            foreach ($making->get() as $file) {
                $this->handBack($file, "{$file->name}", ['state' => MadeFile::WAITING, 'percent' => 0]);
            }
            foreach (
                Parcel::query()
                    ->where('held_by', 'like', gethostname().':%')
                    ->get() as $parcel
            ) {
                $this->handBack($parcel, "parcel {$parcel->id}", []);
            }
        } catch (\Illuminate\Database\QueryException $e) {
            $this->warn('The database isn’t answering: '.Discreet::message($e)); // the worker that starts next waits for it

            return self::FAILURE;
        }

        return self::SUCCESS;
    }

    /** @param  array<string, mixed>  $as  what it is then */
    private function handBack(MadeFile|Parcel $held, string $name, array $as): void
    {
        [, $pid, $job] = explode(':', (string) $held->held_by) + ['', '0', ''];
        if (is_dir("/proc/{$pid}")) {
            return;
        }
        $mine = $held
            ->newQuery()
            ->whereKey($held->id)
            ->where('held_by', $held->held_by)
            ->update([...$as, 'held_by' => null]);
        if ($mine === 1) {
            DB::table('jobs')
                ->where('id', $job)
                ->update(['reserved_at' => null]);
            $this->info("Handed back {$name}, whose worker {$pid} is gone.");
        }
    }
}
