<?php

declare(strict_types=1);

namespace Tests\faults;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use Tests\SmallDisk;

/**
 * Sixty lines are being made, and something goes wrong. At the end every file is there once, under its name, with the sum that the database
 * has; nothing is stuck, and nobody had to do anything. PLANISHER_FAULT_TIMES=20 has each go wrong twenty times; what was measured is
 * in docs/scale.md.
 */
final class FaultsTest extends TestCase
{
    private const PORT = 8270;

    /** Until all is made, come what may. */
    private const LONGEST = 300.0;

    private static Running $studio;

    /** @var array<string, list<float>> seconds until it worked again, by what went wrong */
    private static array $took = [];

    public static function setUpBeforeClass(): void
    {
        self::$studio = new Running('own-faults', self::PORT);
        (new Process(['rm', '-rf', self::$studio->home()]))->mustRun();
        self::$studio->start();
        self::$studio->open();
    }

    public static function tearDownAfterClass(): void
    {
        self::$studio->remove();
        foreach (self::$took as $what => $seconds) {
            sort($seconds);
            $middle = $seconds[intdiv(count($seconds), 2)];
            fprintf(STDOUT, "\n  %-48s %d times, works again after %.1f s, at most %.1f s", $what, count($seconds), $middle, end($seconds));
        }
    }

    /** @return iterable<string, array{string, string}> what goes wrong, and what is told of it by `bin/planisher start` */
    public static function faults(): iterable
    {
        $each = [
            'a worker is killed' => ['aWorker', ''],
            'both workers are killed' => ['bothWorkers', ''],
            'the loop of a worker is killed' => ['aLoop', 'a worker had stopped, and is started again'],
            'MariaDB is killed' => ['theDatabase', 'the database had stopped, and is started again'],
            'PHP-FPM is killed with a child' => ['thePages', 'the web server had stopped, and is started again'],
            'nginx is killed' => ['theServer', 'the web server had stopped, and is started again'],
            'power is lost' => ['power', ''],
            'Ctrl-C, and a new start' => ['interrupt', ''],
        ];
        foreach (self::times() as [$n]) {
            foreach ($each as $name => $fault) {
                yield "{$name}, {$n}" => [$name, ...$fault];
            }
        }
    }

    /** Another number below so many for each case, and the same in every run. */
    private static function spread(int|string $case, int $below): int
    {
        return crc32((string) $case) % $below;
    }

    /** @return iterable<array{int}> */
    public static function times(): iterable
    {
        return array_map(fn (int $n): array => [$n], range(1, max(1, (int) getenv('PLANISHER_FAULT_TIMES'))));
    }

    #[DataProvider('faults')]
    public function test_every_file_is_made_once(string $name, string $fault, string $told): void
    {
        $make = self::$studio->make();
        self::until(fn (): bool => self::$studio->made($make) >= 3 + self::spread($this->dataName(), 28));
        $began = microtime(true);
        $before = strlen(self::$studio->said());
        $this->{$fault}();
        $atTheFault = self::$studio->made($make);
        self::until(
            fn (): bool => self::$studio->ask('GET', '/api/me')->status === 200 &&
                self::$studio->made($make) > min($atTheFault, Running::LINES - 1),
        );
        self::$took[$name][] = microtime(true) - $began;
        self::assertAllIsMade($make);
        $told === '' || self::assertStringContainsString($told, substr(self::$studio->said(), $before));
    }

    /** Wherever an upload is put down first, a full disk is told as one, and the next upload comes when there is room. */
    public function test_a_full_disk_at_an_upload_is_told_as_one(): void
    {
        $picture = Running::picture(self::$studio->home('run/upload.jpg'), 3);
        foreach (['run/tmp/body', 'storage/app/pictures', 'storage/app/proxies'] as $where) {
            $disk = (new SmallDisk(self::$studio->home($where), '4k'))->isFull();
            try {
                $answer = self::$studio->upload($picture);
                self::assertSame(507, $answer->status, "{$where}: {$answer->body}");
                self::assertStringContainsString('disk is full', (string) $answer->json('message'), $where);
            } finally {
                $disk->gone();
            }
        }
        $taken = self::$studio->upload($picture);
        self::assertSame(201, $taken->status, $taken->body);
        $sum = hash_file('sha256', $picture);
        self::$studio->asked("delete from order_pictures where id = {$taken->json('id')}");
        self::$studio->asked("delete from pictures where sha256 = '{$sum}'");
        array_map(unlink(...), glob(self::$studio->home("storage/app/pictures/*/{$sum}.jpg")) ?: []);
    }

    #[DataProvider('times')]
    public function test_a_full_disk_is_waited_for(int $n): void
    {
        $disk = new SmallDisk(self::$studio->home('storage/app/orders'), '2m');
        try {
            $make = self::$studio->make();
            $full = "select count(*) from made_files where make_id = {$make} and state = 'waiting' and error like '%disk is full%'";
            self::until(fn (): bool => (int) (self::$studio->asked($full)[0][0] ?? 0) > 0);
            self::assertArrayNotHasKey('failed', self::$studio->states($make));
            $disk->hasRoom();
            $began = microtime(true);
            self::assertAllIsMade($make);
            self::$took['the disk is full, then has room'][] = microtime(true) - $began;
        } finally {
            $disk->gone();
        }
    }

    /** Nobody can make a picture that is gone: its lines say so, all others are made, and one press makes the rest when it is back. */
    #[DataProvider('times')]
    public function test_a_picture_that_is_replaced_or_removed_is_not_printed(int $n): void
    {
        $pictures = glob(self::$studio->home('storage/app/pictures/*/*.jpg')) ?: [];
        self::assertCount(3, $pictures);
        foreach (['replaced' => 'isn’t the file that was measured', 'removed' => 'isn’t where it was'] as $how => $says) {
            $bytes = (string) file_get_contents($pictures[0]);
            $make = self::$studio->make();
            $how === 'removed' ? unlink($pictures[0]) : self::put($pictures[0], strrev($bytes));
            self::until(fn (): bool => ! array_intersect_key(self::$studio->states($make), ['waiting' => 1, 'making' => 1]));
            $failed = self::$studio->asked("select id, error from made_files where make_id = {$make} and state = 'failed'");
            self::assertGreaterThan(0, count($failed));
            self::assertLessThanOrEqual(intdiv(Running::LINES, 3), count($failed));
            self::assertStringContainsString($says, (string) $failed[0][1]);
            self::put($pictures[0], $bytes);
            foreach ($failed as [$id]) {
                self::assertSame(200, self::$studio->ask('POST', "/api/files/{$id}/again")->status);
            }
            self::assertAllIsMade($make);
        }
    }

    private static function put(string $path, string $bytes): void
    {
        file_put_contents("{$path}.new", $bytes);
        chmod("{$path}.new", 0444);
        rename("{$path}.new", $path); // no worker finds nothing there meanwhile
    }

    private function aWorker(): void
    {
        Running::kill(self::$studio->workers()[0]);
    }

    private function bothWorkers(): void
    {
        Running::kill(...self::$studio->workers());
    }

    private function aLoop(): void
    {
        Running::kill(self::$studio->pid('run/worker-1.pid'));
    }

    private function theDatabase(): void
    {
        Running::kill(self::$studio->pid('db/db.pid'));
    }

    /** In the middle of an upload and of a line's change: both are done whole when they are done once more, or were. */
    private function thePages(): void
    {
        $picture = Running::picture(self::$studio->home('run/late-'.bin2hex(random_bytes(3)).'.jpg'), 9);
        $line = self::$studio->lines('id', 'version')[0];
        $parent = getmypid();
        $children = [];
        foreach (['upload', 'change'] as $what) {
            $pid = pcntl_fork();
            if ($pid === 0) {
                $what === 'upload'
                    ? self::$studio->upload($picture)
                    : self::$studio->ask('PUT', "/api/lines/{$line['id']}/remark", ['remark' => bin2hex(random_bytes(4)), 'seen' => null]);
                posix_kill((int) getmypid(), SIGKILL); // nothing of this test's is taken down by it
            }
            $children[] = $pid;
        }
        usleep(5_000 + self::spread($this->dataName(), 55_000)); // how long it is let go on before it is killed
        $pages = Running::group(self::$studio->pid('run/php-fpm.pid'));
        Running::kill($pages[0], $pages[1] ?? 0);
        array_map(fn (int $pid) => pcntl_waitpid($pid, $status), $children);
        self::assertSame($parent, getmypid());
        // A child that has outlived its master answers until the new one comes.
        self::until(fn (): bool => ! in_array(self::$studio->pid('run/php-fpm.pid'), [0, $pages[0]], true));
        self::until(fn (): bool => self::$studio->upload($picture)->status === 201);
        $sum = hash_file('sha256', $picture);
        self::assertSame([[1]], self::$studio->asked("select count(*) from pictures where sha256 = '{$sum}'"), 'kept once');
        $kept = glob(self::$studio->home("storage/app/pictures/*/{$sum}.jpg")) ?: [];
        self::assertSame([$sum], array_map(fn (string $path): string|false => hash_file('sha256', $path), $kept));
        self::assertSame([$line], array_slice(self::$studio->lines('id', 'version'), 0, 1), 'a remark changes nothing of a line');
        self::$studio->asked("delete from order_pictures where name like 'late-%'");
        self::$studio->asked("delete from pictures where sha256 = '{$sum}'");
        array_map(unlink(...), [...$kept, $picture]);
    }

    private function theServer(): void
    {
        Running::kill(...Running::group(self::$studio->pid('run/nginx.pid')));
    }

    private function power(): void
    {
        self::$studio->losePower();
        self::$studio->start();
    }

    private function interrupt(): void
    {
        self::$studio->interrupt();
        self::$studio->start();
    }

    /** @param  callable(): bool  $is */
    private static function until(callable $is): void
    {
        Running::until($is, self::LONGEST, fn (): string => self::$studio->said());
    }

    private static function assertAllIsMade(int $make): void
    {
        self::$studio->assertAllIsMade($make, self::LONGEST);
        $folder = self::$studio->home('storage/app/orders/').self::$studio->asked("select folder from makes where id = {$make}")[0][0];
        $sums = self::$studio->sums($make);
        foreach ($sums as $name => $sha256) {
            self::assertSame($sha256, hash_file('sha256', "{$folder}/{$name}"));
        }
        $there = array_values(array_diff(scandir($folder) ?: [], ['.', '..']));
        self::assertSame(array_keys($sums), array_values(array_filter($there, fn (string $name): bool => ! str_ends_with($name, '.part'))));
    }
}
