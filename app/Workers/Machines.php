<?php

declare(strict_types=1);

namespace App\Workers;

use Illuminate\Support\Facades\DB;

/** The machines that work for the studio. Each says every few seconds that it is there, by the database's clock and not by its own. */
final class Machines
{
    public const BEAT_SECONDS = 5;

    /** A machine that has said nothing for so long is taken for dead: its work is done elsewhere. */
    public const GONE_SECONDS = 25;

    /** Machines that were away for so long aren't told of any more. */
    private const FORGOTTEN_DAYS = 7;

    /** Says that this one is there. */
    public static function beat(int $workers): void
    {
        DB::statement(
            'insert into machines (name, seen_at, workers) values (?, now(3), ?) on duplicate key update seen_at = now(3), workers = ?',
            [Holder::thisMachine(), $workers, $workers],
        );
        DB::delete('delete from machines where seen_at < now(3) - interval ? day', [self::FORGOTTEN_DAYS]);
    }

    /** A worker may have something to do before its machine has said anything. */
    public static function isThere(): void
    {
        DB::statement('insert ignore into machines (name, seen_at) values (?, now(3))', [Holder::thisMachine()]);
    }

    /**
     * Every machine that was heard of lately.
     *
     * @return array<string, array{seconds: float, workers: int}> by name: how long ago it said something, and with how many workers
     */
    public static function all(): array
    {
        $machines = [];
        $rows = DB::select('select name, workers, timestampdiff(microsecond, seen_at, now(3)) / 1e6 as ago from machines order by name');
        foreach ($rows as $row) {
            $machines[(string) $row->name] = ['seconds' => round((float) $row->ago, 1), 'workers' => (int) $row->workers];
        }

        return $machines;
    }
}
