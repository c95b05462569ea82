<?php

declare(strict_types=1);

namespace Tests\faults;

use Aws\S3\S3Client;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use Tests\app\Served;

/**
 * A studio on four machines: one with the pages, the database and the queue (Redis), two that only work, one that keeps the files
 * (s3rver, S3-compatible). The machines are network namespaces on a bridge that the test makes itself.
 */
final class SeveralMachinesTest extends TestCase
{
    private const PORT = 8275;

    private const STORE_PORT = 9000;

    private const LONGEST = 300.0;

    private static Running $desk;

    private static Served $redis;

    /** @var array<string, Host> */
    private static array $hosts = [];

    private static string $folder;

    private static ?string $whyNot = null;

    public static function setUpBeforeClass(): void
    {
        self::$whyNot = Host::network();
        if (self::$whyNot !== null) {
            return;
        }
        self::$folder = sys_get_temp_dir().'/planisher-machines-'.getmypid();
        mkdir(self::$folder);
        foreach (['store' => 4, 'darkroom' => 2, 'attic' => 3] as $name => $number) {
            self::$hosts[$name] = Host::add($name, $number);
        }
        register_shutdown_function(self::gone(...));
        self::storeStarts();
        self::$redis = new Served(
            Served::freePort(),
            fn (int $port): array => [
                'redis-server',
                ...[
                    '--port',
                    (string) $port,
                    '--bind',
                    '127.0.0.1',
                    Host::DESK,
                    '--protected-mode',
                    'no',
                    '--save',
                    '',
                    '--dir',
                    self::$folder,
                ],
            ],
        );
        self::$redis->start();
        $settings = self::$folder.'/settings';
        $database = ['DB_HOST' => Host::DESK, 'DB_PORT' => (string) (self::PORT + 1)];
        self::write($settings, self::settings());
        self::write("{$settings}-of-workers", self::settings() + $database);
        self::$desk = new Running('own-desk', self::PORT, ['PLANISHER_DB_BIND' => '0.0.0.0', 'PLANISHER_WORKERS' => '0'], $settings);
        (new Process(['rm', '-rf', self::$desk->home()]))->mustRun();
        self::$desk->start();
        self::$desk->open();
        foreach (['darkroom', 'attic'] as $name) {
            self::work($name);
        }
    }

    public static function tearDownAfterClass(): void
    {
        self::gone();
    }

    private static function gone(): void
    {
        foreach (self::$hosts as $name => $host) {
            $host->remove();
            (new Process(['rm', '-rf', Running::root()."/var/own-{$name}", Running::root()."/var/own-{$name}.work.lock"]))->run();
        }
        if (self::$hosts !== []) {
            self::$desk->remove();
            self::$redis->losePower();
            (new Process(['rm', '-rf', self::$folder]))->run();
            Host::noNetwork();
        }
        self::$hosts = [];
    }

    protected function setUp(): void
    {
        self::$whyNot === null || self::markTestSkipped('No machines can be made here: '.self::$whyNot);
    }

    private static function store(): Host
    {
        return self::$hosts['store'];
    }

    private static function storeStarts(): void
    {
        self::store()->starts([
            'node',
            'node_modules/s3rver/bin/s3rver.js',
            ...['--directory', self::$folder, '--address', self::store()->address, '--port', (string) self::STORE_PORT],
            ...['--silent', '--no-vhost-buckets', '--configure-bucket', 'studio'],
        ]);
    }

    private static function work(string $name): void
    {
        self::$hosts[$name]->starts(
            ['setsid', 'bin/planisher', 'work', '--on', self::$folder.'/settings-of-workers', '1'],
            [
                'PLANISHER_OWN' => "own-{$name}",
                'PLANISHER_MACHINE' => $name,
                ...Running::clean(),
            ],
        );
    }

    /** @return array<string, string> that all machines have */
    private static function settings(): array
    {
        return [
            'APP_KEY' => 'base64:'.base64_encode(random_bytes(32)),
            'DB_PASSWORD' => bin2hex(random_bytes(9)),
            'QUEUE_CONNECTION' => 'redis',
            'REDIS_HOST' => Host::DESK,
            'REDIS_PORT' => (string) self::$redis->port,
            'FILESYSTEM_DISK' => 's3',
            'AWS_ENDPOINT' => 'http://'.self::store()->address.':'.self::STORE_PORT,
            'AWS_BUCKET' => 'studio',
            'AWS_ACCESS_KEY_ID' => 'S3RVER',
            'AWS_SECRET_ACCESS_KEY' => 'S3RVER',
        ];
    }

    /** @param  array<string, string>  $settings */
    private static function write(string $file, array $settings): void
    {
        static $said = [];
        $said += $settings; // the same keys in both
        file_put_contents($file, implode('', array_map(fn (string $name): string => "{$name}={$said[$name]}\n", array_keys($settings))));
    }

    public function test_a_machine_that_is_cut_off_is_followed_by_another_and_doesn_t_count_when_it_is_back(): void
    {
        $make = $this->inTheMiddle('darkroom');
        self::$hosts['darkroom']->isCutOff();
        $held = $this->holds($make, 'darkroom');
        $began = microtime(true);
        $this->until(fn (): bool => array_intersect($held, $this->holds($make, 'darkroom')) === []);
        self::assertLessThan(60, microtime(true) - $began, 'noticed within a minute');
        $this->assertAllIsMade($make);
        $sums = $this->stored($make);
        self::$hosts['darkroom']->isBack();
        $this->until(fn (): bool => ($this->ago('darkroom') ?? 999) < 10);
        sleep(3); // what it was making comes to its end
        self::assertSame($sums, $this->stored($make));
        $this->assertAllIsMade($make);
    }

    /** The one that was cut off works on. */
    public function test_a_machine_that_loses_power_is_followed_by_another(): void
    {
        $make = $this->inTheMiddle('attic', 'darkroom');
        self::$hosts['attic']->losePower();
        $this->assertAllIsMade($make);
        self::work('attic');
        $this->until(fn (): bool => ($this->ago('attic') ?? 999) < 10);
    }

    public function test_a_store_that_loses_power_is_waited_for_and_a_copy_of_it_all_comes_back_elsewhere(): void
    {
        $make = $this->inTheMiddle();
        self::store()->losePower();
        sleep(2);
        self::storeStarts();
        $this->assertAllIsMade($make);

        $copies = self::$folder.'/copies';
        mkdir($copies);
        chmod(self::$folder, 0755);
        chmod($copies, 0777);
        [$ended, $said] = self::$desk->run('backup', $copies);
        self::assertSame(0, $ended, $said);
        $sums = $this->stored($make);
        // Another desk, and an empty store.
        array_map(fn (string $name) => self::$hosts[$name]->losePower(), ['darkroom', 'attic']);
        self::$desk->remove();
        self::s3()->deleteMatchingObjects('studio', '', '/./');
        [$ended, $said] = self::$desk->run('restore', $copies);
        self::assertSame(0, $ended, $said);
        self::$desk->start();
        self::assertSame($sums, $this->stored($make));
        self::assertSame($sums, self::$desk->sums($make));
        self::work('attic');
        $this->assertAllIsMade($this->make());
    }

    private function make(): int
    {
        self::s3()->deleteMatchingObjects('studio', 'orders/');

        return self::$desk->make();
    }

    /** A set of which something is made, and of which some machines have something in hand. */
    private function inTheMiddle(string ...$machines): int
    {
        do {
            $make = $this->make();
            $idle = fn (): array => array_filter($machines, fn (string $name): bool => $this->holds($make, $name) === []);
            $this->until(fn (): bool => self::$desk->made($make) === Running::LINES || (self::$desk->made($make) >= 5 && $idle() === []));
        } while (self::$desk->made($make) === Running::LINES); // one of them wasn't back yet

        return $make;
    }

    /** @return list<mixed> ids of files that a machine has in hand */
    private function holds(int $make, string $machine): array
    {
        return array_column(self::$desk->asked("select id from made_files where make_id = {$make} and held_by like '{$machine}:%'"), 0);
    }

    /** Seconds since a machine said that it is there. */
    private function ago(string $machine): ?float
    {
        $rows = self::$desk->asked("select timestampdiff(second, seen_at, now(3)) from machines where name = '{$machine}'");

        return isset($rows[0]) ? (float) $rows[0][0] : null;
    }

    /** @return array<string, string> the sum of each file of a set by its name, as the store has them */
    private function stored(int $make): array
    {
        $folder = 'orders/'.self::$desk->asked("select folder from makes where id = {$make}")[0][0];
        $sums = [];
        foreach (self::s3()->getPaginator('ListObjectsV2', ['Bucket' => 'studio', 'Prefix' => "{$folder}/"]) as $page) {
            foreach ($page['Contents'] ?? [] as $object) {
                $body = self::s3()->getObject(['Bucket' => 'studio', 'Key' => $object['Key']])['Body'];
                $sums[basename($object['Key'])] = hash('sha256', (string) $body);
            }
        }
        ksort($sums);

        return $sums;
    }

    private function assertAllIsMade(int $make): void
    {
        self::$desk->assertAllIsMade($make, self::LONGEST);
        self::assertSame(self::$desk->sums($make), $this->stored($make));
    }

    private static function s3(): S3Client
    {
        return new S3Client([
            'version' => 'latest',
            'region' => 'us-east-1',
            'endpoint' => 'http://'.self::store()->address.':'.self::STORE_PORT,
            'use_path_style_endpoint' => true,
            'credentials' => ['key' => 'S3RVER', 'secret' => 'S3RVER'],
        ]);
    }

    /** @param  callable(): bool  $is */
    private function until(callable $is): void
    {
        Running::until($is, self::LONGEST, fn (): array => array_map(fn (Host $host): string => $host->said(), self::$hosts));
    }
}
