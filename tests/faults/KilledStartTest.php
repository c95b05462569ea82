<?php

declare(strict_types=1);

namespace Tests\faults;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/**
 * All of it killed at some moment of a start: the first one, and one that brings the database of an earlier day to this version. The next
 * start goes on by itself. `PLANISHER_FAULT_TIMES=50` tries that at fifty moments each.
 */
final class KilledStartTest extends TestCase
{
    private const PORT = 8290;

    /** When the longest start of these is done, on two cores that others use, too. */
    private const SECONDS = 8.0;

    private const MOMENTS = 5;

    /** Of the stored database */
    private const ROWS = ['orders' => 4, 'lines' => 21, 'pictures' => 11, 'made_files' => 23, 'parcels' => 4, 'house_finishes' => 8];

    private static function moments(): int
    {
        return (int) (getenv('PLANISHER_FAULT_TIMES') ?: self::MOMENTS);
    }

    /** Starts it and ends all that it has started after a while, as a loss of power would. */
    private static function killedAfter(Running $studio, float $seconds): string
    {
        $start = $studio->begun();
        for ($until = microtime(true) + $seconds; $start->isRunning() && microtime(true) < $until; usleep(5_000));
        Running::killAll($studio);
        while ($start->isRunning()) {
            usleep(10_000);
        }

        return $start->getOutput();
    }

    public function test_a_first_start_killed_at_any_moment(): void
    {
        $studio = new Running('own-killed', self::PORT, ['PLANISHER_WORKERS' => '1']);
        for ($n = 0; $n < self::moments(); $n++) {
            (new Process(['rm', '-rf', $studio->home()]))->mustRun();
            self::killedAfter($studio, (self::SECONDS * ($n + 0.5)) / self::moments());
            $studio->start();
            self::assertSame([[0]], $studio->asked('select count(*) from users'), 'an empty studio, as after any first start');
            $studio->losePower();
        }
        $studio->remove();
    }

    /** From the stored database of an earlier day: every row of it is there afterwards. */
    public function test_an_upgrade_killed_at_any_moment(): void
    {
        $studio = new Running('own-upgraded', self::PORT, ['PLANISHER_WORKERS' => '1']);
        (new Process(['rm', '-rf', $studio->home()]))->mustRun();
        $studio->start();
        $studio->load(Running::root().'/tests/upgrade/2026-11-26.sql.gz');
        $studio->losePower();
        $kept = sys_get_temp_dir().'/planisher-earlier-'.getmypid();
        (new Process(['cp', '-a', $studio->home(), $kept]))->mustRun();
        for ($n = 0; $n < self::moments(); $n++) {
            (new Process(['sh', '-c', 'rm -rf "$1" && cp -a "$2" "$1"', '_', $studio->home(), $kept]))->mustRun();
            $before = self::killedAfter($studio, ((self::SECONDS / 2) * ($n + 0.5)) / self::moments());
            $studio->start();
            foreach (self::ROWS as $table => $count) {
                self::assertSame(
                    [[$count]],
                    $studio->asked("select count(*) from `{$table}`"),
                    "{$table}, killed when it had said: {$before}",
                );
            }
            self::assertFileDoesNotExist($studio->home('storage/upgrade/before.sql.gz'));
            $studio->losePower();
        }
        (new Process(['rm', '-rf', $kept]))->mustRun();
        $studio->remove();
    }
}
