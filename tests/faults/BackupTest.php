<?php

declare(strict_types=1);

namespace Tests\faults;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** A copy made while an order is half made comes back on a machine where nothing is, by one command, and is made to its end there. */
final class BackupTest extends TestCase
{
    private const PORT = 8280;

    /** Originals and proxies. */
    private const KEPT = 3 + 6;

    private static string $to;

    public static function setUpBeforeClass(): void
    {
        self::$to = sys_get_temp_dir().'/planisher-copies-'.getmypid();
        mkdir(self::$to, 0777);
        chmod(self::$to, 0777);
    }

    public static function tearDownAfterClass(): void
    {
        (new Process(['rm', '-rf', self::$to]))->run();
    }

    /** @return array{files: int, new: int} */
    private static function copied(Running $studio): array
    {
        [$ended, $said] = $studio->run('backup', self::$to);
        self::assertSame(0, $ended, $said);
        preg_match('/database and (\d+) files, .* of which (\d+) were new/', $said, $m) === 1 || self::fail($said);

        return ['files' => (int) $m[1], 'new' => (int) $m[2]];
    }

    public function test_an_order_half_made_is_copied_put_back_and_made_to_its_end(): void
    {
        // One worker, so that there is time enough.
        $studio = new Running('own-copied', self::PORT, ['PLANISHER_WORKERS' => '1']);
        (new Process(['rm', '-rf', $studio->home()]))->mustRun();
        $studio->start();
        try {
            $studio->open();
            $make = $studio->make();
            Running::until(fn (): bool => $studio->made($make) >= 5, 60, fn (): string => $studio->said());
            $first = self::copied($studio);
            self::assertLessThan(self::KEPT + Running::LINES, $first['files'], 'it is half made');
            $studio->assertAllIsMade($make);
            $second = self::copied($studio);
            self::assertSame(self::KEPT + Running::LINES, $second['files']);
            self::assertLessThanOrEqual($second['files'] - $first['files'], $second['new'], 'only what is new');
            $sums = $studio->sums($make);
            [$ended, $said] = $studio->run('restore', self::$to);
            self::assertSame([1, true], [$ended, str_contains($said, 'there is data here already')], 'nothing is overwritten');

            // The machine is lost, and the copy of when it was half made comes back on another.
            $studio->losePower();
            (new Process(['rm', '-rf', $studio->home()]))->mustRun();
            $first = dirname((glob(self::$to.'/copies/*/about.json') ?: [])[0] ?? self::fail('There is a copy.'));
            [$ended, $said] = $studio->run('restore', $first);
            self::assertSame(0, $ended, $said);
            $studio->start();
            $studio->assertAllIsMade($make);
            self::assertSame($sums, $studio->sums($make));
            $folder = $studio->home('storage/app/orders/').$studio->asked("select folder from makes where id = {$make}")[0][0];
            foreach ($sums as $name => $sha256) {
                self::assertSame($sha256, hash_file('sha256', "{$folder}/{$name}"));
            }
            self::assertSame(200, $studio->ask('GET', '/api/me')->status, 'who was signed in still is');
            self::assertCount(Running::LINES, $studio->lines('id'));
        } finally {
            $studio->remove();
        }
    }

    /** Killed in the middle, it isn't taken for a studio: told, not started, and begun anew by the same command. */
    public function test_a_restore_that_was_killed_is_no_studio_and_is_begun_anew(): void
    {
        $studio = new Running('own-half', self::PORT, ['PLANISHER_WORKERS' => '1']);
        (new Process(['rm', '-rf', $studio->home()]))->mustRun();
        try {
            foreach ([1.6, 3.5] as $seconds) {
                $restore = $studio->beginning('restore', self::$to);
                $restore->start();
                for ($until = microtime(true) + $seconds; $restore->isRunning() && microtime(true) < $until; usleep(10_000));
                $isDone = ! $restore->isRunning();
                Running::killAll($studio);
                $restore->stop(0, SIGKILL);
                if ($isDone || ! is_file($studio->home().'.restoring')) {
                    continue; // it was done by then, or hadn't begun
                }
                $start = $studio->beginning('start');
                $start->setTimeout(60);
                $start->run();
                self::assertSame(1, $start->getExitCode(), "{$seconds} s: ".$start->getOutput());
                self::assertStringContainsString('that was broken off. Do it again', $start->getErrorOutput());
            }
            if (is_dir($studio->home()) && ! is_file($studio->home().'.restoring')) {
                (new Process(['rm', '-rf', $studio->home()]))->mustRun(); // the last of them had come to its end
            }
            [$ended, $said] = $studio->run('restore', self::$to);
            self::assertSame(0, $ended, $said);
            self::assertFileDoesNotExist($studio->home().'.restoring');
            $studio->start();
            self::assertSame([[1]], $studio->asked('select count(*) from users'));
        } finally {
            $studio->remove();
        }
    }

    /** What a copy that was killed has left is gone with the next one. */
    public function test_parts_of_copies_that_were_killed_are_swept(): void
    {
        $studio = new Running('own-sweeps', self::PORT, ['PLANISHER_WORKERS' => '1']);
        (new Process(['rm', '-rf', $studio->home()]))->mustRun();
        $to = self::$to.'-swept';
        mkdir("{$to}/copies/2026-11-01T000000Z", 0777, true);
        mkdir("{$to}/sums/ab", 0777, true);
        file_put_contents("{$to}/copies/2026-11-01T000000Z/database.sql.gz", 'half of it');
        file_put_contents("{$to}/sums/ab/.ab12.77.part", 'half of it');
        file_put_contents("{$to}/sums/ab/ab34", 'another copy has it');
        (new Process(['chmod', '-R', 'a+rwX', $to]))->mustRun();
        try {
            $studio->start();
            $lock = fopen("{$to}/.lock", 'c') ?: self::fail('no lock');
            chmod("{$to}/.lock", 0666);
            flock($lock, LOCK_EX);
            [$code, $said] = $studio->run('backup', $to);
            self::assertSame([1, true], [$code, str_contains($said, 'Another copy is being made')], $said);
            self::assertFileExists("{$to}/sums/ab/.ab12.77.part", 'it may be that one’s');
            flock($lock, LOCK_UN);
            [$code, $said] = $studio->run('backup', $to);
            self::assertSame(0, $code, $said);
            self::assertFileDoesNotExist("{$to}/sums/ab/.ab12.77.part");
            self::assertDirectoryDoesNotExist("{$to}/copies/2026-11-01T000000Z");
            self::assertFileExists("{$to}/sums/ab/ab34");
            self::assertCount(1, glob("{$to}/copies/*") ?: []);
        } finally {
            $studio->remove();
            (new Process(['rm', '-rf', $to]))->run();
        }
    }

    public function test_a_copy_that_was_altered_or_broke_off_is_refused_by_name_and_nothing_is_left(): void
    {
        $studio = new Running('own-nowhere', self::PORT);
        $copies = glob(self::$to.'/copies/*') ?: [];
        $copy = end($copies) ?: self::fail('There is a copy.');
        $file = (glob(self::$to.'/sums/*/*') ?: [])[0] ?? self::fail('It has files.');
        $bytes = (string) file_get_contents($file);
        chmod($file, 0644);
        $refused = function (string $says) use ($studio, $copy): void {
            [$ended, $said] = $studio->run('restore', $copy);
            self::assertSame(1, $ended);
            self::assertStringContainsString($says, $said);
            self::assertDirectoryDoesNotExist($studio->home());
        };
        file_put_contents($file, substr($bytes, 1));
        $refused('isn’t whole');
        file_put_contents($file, $bytes);
        // A list that lost whole lines, or one in which another was written, names other files than were copied.
        $list = (string) file_get_contents("{$copy}/files.tsv");
        $lines = explode("\n", trim($list));
        chmod("{$copy}/files.tsv", 0644);
        foreach (['', implode("\n", array_slice($lines, 3))."\n", str_replace('originals', 'pictures', strrev($list))] as $another) {
            file_put_contents("{$copy}/files.tsv", $another);
            $refused('its list names');
        }
        file_put_contents("{$copy}/files.tsv", preg_replace('/\t\d+\n/', "\t1\n", $list));
        $refused('its list names');
        file_put_contents("{$copy}/files.tsv", $list);
        // What the database has locked opens with the copy's key alone.
        $settings = self::$to.'-settings';
        file_put_contents($settings, 'APP_KEY=base64:'.base64_encode(str_repeat('x', 32))."\nDB_PASSWORD=another-key\n");
        [$ended, $said] = (new Running('own-nowhere', self::PORT, [], $settings))->run('restore', $copy);
        unlink($settings);
        self::assertSame([1, true], [$ended, str_contains($said, 'was locked by another APP_KEY')], $said);
        self::assertDirectoryDoesNotExist($studio->home());
        file_put_contents("{$copy}/database.sql.gz", 'no', FILE_APPEND);
        $refused('its database isn’t what was copied');
        unlink("{$copy}/about.json");
        $refused('no whole copy');
        [$ended, $said] = $studio->run('restore', '/nowhere');
        self::assertSame([1, true], [$ended, str_contains($said, 'no whole copy')]);
    }
}
