<?php

declare(strict_types=1);

namespace Tests\faults;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use Tests\app\Served;
use Tests\app\SimulatedStore;

/**
 * A service that is frozen takes connections and answers nothing: worse than one that is gone. `PLANISHER_HANG_SECONDS=60` holds each for
 * as long.
 */
final class HangsTest extends TestCase
{
    private const PORT = 8298;

    private const SECONDS = 6;

    /** Within two seconds, as is promised, and what the machine is late. */
    private const HEALTH_SECONDS = 2.0;

    private const PAGE_SECONDS = 4.0;

    private static Running $studio;

    private static SimulatedStore $store;

    private static Process $redis;

    private static string $settings;

    public static function setUpBeforeClass(): void
    {
        self::$store = SimulatedStore::open();
        $redis = Served::freePort();
        self::$redis = new Process(['redis-server', '--port', (string) $redis, '--save', '', '--appendonly', 'no'], timeout: null);
        self::$redis->start();
        self::$settings = sys_get_temp_dir().'/planisher-hangs-'.getmypid();
        $studio = new Running('own-hangs', self::PORT, ['PLANISHER_WORKERS' => '1'], self::$settings);
        (new Process(['rm', '-rf', $studio->home()]))->mustRun();
        file_put_contents(
            self::$settings,
            implode("\n", [
                'APP_KEY=base64:'.base64_encode(str_repeat('k', 32)),
                'DB_PASSWORD=hangs-and-comes-back',
                'QUEUE_CONNECTION=redis',
                'REDIS_HOST=127.0.0.1',
                "REDIS_PORT={$redis}",
                'FILESYSTEM_DISK=s3',
                'AWS_ENDPOINT='.self::$store->endpoint(),
                'AWS_BUCKET='.SimulatedStore::BUCKET,
                'AWS_ACCESS_KEY_ID=S3RVER',
                'AWS_SECRET_ACCESS_KEY=S3RVER',
            ])."\n",
        );
        chmod(self::$settings, 0644);
        self::$studio = $studio;
        $studio->start();
        $studio->open();
    }

    public static function tearDownAfterClass(): void
    {
        self::$studio->remove();
        self::$redis->stop(0, SIGKILL);
        self::$store->close();
        @unlink(self::$settings);
    }

    private static function signal(string $service, int $signal): void
    {
        match ($service) {
            'database' => posix_kill(self::$studio->pid('db/db.pid'), $signal),
            'queue' => self::$redis->signal($signal),
            default => self::$store->signal($signal),
        };
    }

    #[TestWith(['database'])]
    #[TestWith(['queue'])]
    #[TestWith(['files'])]
    public function test_what_hangs_is_told_within_two_seconds_and_takes_nothing_with_it(string $service): void
    {
        Running::until(
            fn (): bool => self::$studio->ask('GET', '/health')->status === 200,
            30,
            fn () => self::$studio->ask('GET', '/health')->body,
        );
        self::signal($service, SIGSTOP);
        try {
            $until = microtime(true) + (float) (getenv('PLANISHER_HANG_SECONDS') ?: self::SECONDS);
            do {
                foreach (self::several('/health', 8) as [$status, $seconds, $body]) {
                    self::assertSame(503, $status, $body);
                    self::assertFalse(json_decode($body, true)[$service], $body);
                    self::assertLessThan(self::HEALTH_SECONDS, $seconds);
                }
                [[$status, $seconds]] = self::several('/up', 1);
                self::assertSame([200, true], [$status, $seconds < 1.0], 'it is alive');
                // The page itself needs none of them; what does says so, and gives its process back.
                [[$status, $seconds]] = self::several('/', 1);
                self::assertSame([200, true], [$status, $seconds < 1.0]);
                $order = self::$studio->ask('GET', '/api/orders?where=desk');
                self::assertContains($order->status, $service === 'database' ? [503] : [200]);
                self::assertLessThan(self::PAGE_SECONDS, $order->seconds);
            } while (microtime(true) < $until);
        } finally {
            self::signal($service, SIGCONT);
        }
        Running::until(
            fn (): bool => self::$studio->ask('GET', '/health')->status === 200,
            40,
            fn () => self::$studio->ask('GET', '/health')->body,
        );
        self::assertSame(200, self::$studio->ask('GET', '/api/orders?where=desk')->status);
    }

    /** Said in words, and nothing half-written stays. */
    public function test_a_copy_while_the_store_is_away_says_so(): void
    {
        $copies = sys_get_temp_dir().'/planisher-away-'.getmypid();
        mkdir($copies, 0777);
        chmod($copies, 0777);
        self::$store->losePower();
        try {
            [$code, $said] = self::$studio->run('backup', $copies);
        } finally {
            self::$store->start();
        }
        self::assertSame(1, $code);
        self::assertStringContainsString('The studio’s files can’t be reached at the moment.', $said);
        self::assertDoesNotMatchRegularExpression('~\.php|#\d|Stack trace~', $said);
        self::assertSame([], glob("{$copies}/copies/*") ?: []);
        (new Process(['rm', '-rf', $copies]))->run();
    }

    /** @return list<array{int, float, string}> status, seconds and body of each of several at once */
    private static function several(string $path, int $count): array
    {
        $many = curl_multi_init();
        $asks = [];
        for ($n = 0; $n < $count; $n++) {
            $asks[] = $ask = curl_init('http://127.0.0.1:'.self::PORT.$path);
            curl_setopt_array($ask, [CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 30]);
            curl_multi_add_handle($many, $ask);
        }
        do {
            curl_multi_exec($many, $running);
            curl_multi_select($many, 0.05);
        } while ($running > 0);

        return array_map(
            fn (\CurlHandle $ask): array => [
                (int) curl_getinfo($ask, CURLINFO_RESPONSE_CODE),
                (float) curl_getinfo($ask, CURLINFO_TOTAL_TIME),
                (string) curl_multi_getcontent($ask),
            ],
            $asks,
        );
    }
}
