<?php

declare(strict_types=1);

namespace Tests\faults;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** A copy made while an order is half made comes back on a machine where nothing is, by one command, and is made to its end there. */
final class BackupTest extends TestCase
{
    private const PORT = 8280;

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

    /** @return array{int, string} how it ended, and what it said */
    private static function planisher(Running $studio, string $command, string $folder): array
    {
        $process = new Process(
            [Running::root().'/bin/planisher', $command, '--own', $folder],
            env: [
                'PLANISHER_OWN' => $studio->name,
                'PLANISHER_PORT' => (string) self::PORT,
                'PLANISHER_DB_PORT' => (string) (self::PORT + 1),
            ] + Running::clean(),
            timeout: 120,
        );
        $process->run();

        return [(int) $process->getExitCode(), $process->getOutput().$process->getErrorOutput()];
    }

    public function test_an_order_half_made_is_copied_put_back_and_made_to_its_end(): void
    {
        $studio = new Running('own-copied', self::PORT);
        (new Process(['rm', '-rf', $studio->home()]))->mustRun();
        $studio->start();
        try {
            $studio->open();
            $make = $studio->make();
            while (($studio->states($make)['made'] ?? 0) < 12) {
                usleep(50_000);
            }
            [$ended, $said] = self::planisher($studio, 'backup', self::$to);
            self::assertSame(0, $ended, $said);
            self::assertLessThan(Running::LINES, $studio->states($make)['made'] ?? 0, 'it is half made');
            while (($studio->states($make)['made'] ?? 0) < Running::LINES) {
                usleep(50_000);
            }
            [, $said] = self::planisher($studio, 'backup', self::$to);
            preg_match('/database and (\d+) files, .* of which (\d+) were new/', $said, $m) === 1 || self::fail($said);
            self::assertSame(3 + 6 + Running::LINES, (int) $m[1], 'originals, proxies and made files');
            self::assertLessThan(Running::LINES, (int) $m[2], 'only what was new');
            $sums = $studio->asked("select name, sha256 from made_files where make_id = {$make} order by name");
            [$ended, $said] = self::planisher($studio, 'restore', self::$to);
            self::assertSame([1, true], [$ended, str_contains($said, 'there is data here already')], 'nothing is overwritten');

            // The machine is lost, and the copy of when it was half made comes back on another.
            $studio->losePower();
            (new Process(['rm', '-rf', $studio->home()]))->mustRun();
            $first = dirname((glob(self::$to.'/copies/*/about.json') ?: [])[0] ?? self::fail('There is a copy.'));
            [$ended, $said] = self::planisher($studio, 'restore', $first);
            self::assertSame(0, $ended, $said);
            $studio->start();
            for ($end = microtime(true) + 120; $studio->states($make) !== ['made' => Running::LINES]; usleep(100_000)) {
                microtime(true) < $end || self::fail((string) json_encode($studio->states($make)));
            }
            self::assertSame($sums, $studio->asked("select name, sha256 from made_files where make_id = {$make} order by name"));
            $folder = $studio->home('storage/app/orders/').$studio->asked("select folder from makes where id = {$make}")[0][0];
            foreach ($sums as [$name, $sha256]) {
                self::assertSame($sha256, hash_file('sha256', "{$folder}/{$name}"));
            }
            self::assertSame(200, $studio->ask('GET', '/api/me')->status, 'who was signed in still is');
            self::assertCount(Running::LINES, $studio->lines('id'));
        } finally {
            $studio->remove();
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
            [$ended, $said] = self::planisher($studio, 'restore', $copy);
            self::assertSame(1, $ended);
            self::assertStringContainsString($says, $said);
            self::assertDirectoryDoesNotExist($studio->home());
        };
        file_put_contents($file, substr($bytes, 1));
        $refused('isn’t whole');
        file_put_contents($file, $bytes);
        file_put_contents("{$copy}/database.sql.gz", 'no', FILE_APPEND);
        $refused('its database isn’t what was copied');
        unlink("{$copy}/about.json");
        $refused('no whole copy');
        [$ended, $said] = self::planisher($studio, 'restore', '/nowhere');
        self::assertSame([1, true], [$ended, str_contains($said, 'no whole copy')]);
    }
}
