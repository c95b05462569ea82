<?php

declare(strict_types=1);

namespace Tests\faults;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** Behind TLS as docs/deploying.md has it: the nginx shown there, in front of the studio, and clients at several addresses. */
final class TlsTest extends TestCase
{
    private const PORT = 8294;

    private const TLS_PORT = 8297;

    private const STRANGER = '127.0.0.2';

    private const HOME = '127.0.0.3';

    private static Running $studio;

    private static Process $front;

    private static string $folder;

    public static function setUpBeforeClass(): void
    {
        self::$studio = new Running('own-tls', self::PORT, ['PLANISHER_WORKERS' => '1', 'PLANISHER_URL' => 'https://studio.example']);
        (new Process(['rm', '-rf', self::$studio->home()]))->mustRun();
        self::$studio->start();
        self::$folder = sys_get_temp_dir().'/planisher-tls-'.getmypid();
        mkdir(self::$folder);
        (new Process([
            ...['openssl', 'req', '-x509', '-newkey', 'rsa:2048', '-nodes', '-days', '2', '-subj', '/CN=studio.example'],
            ...['-keyout', self::$folder.'/key.pem', '-out', self::$folder.'/cert.pem'],
        ]))->mustRun();
        file_put_contents(self::$folder.'/nginx.conf', self::asShown());
        self::$front = new Process(['nginx', '-p', self::$folder, '-e', 'stderr', '-c', self::$folder.'/nginx.conf'], timeout: null);
        self::$front->start();
        for ($n = 0; $n < 100 && @fsockopen('127.0.0.1', self::TLS_PORT) === false; $n++) {
            usleep(50_000);
        }
    }

    public static function tearDownAfterClass(): void
    {
        self::$front->stop(2);
        self::$studio->remove();
        (new Process(['rm', '-rf', self::$folder]))->run();
    }

    /** The server that the page shows, word by word but for ports and paths. */
    private static function asShown(): string
    {
        preg_match('/```nginx\n(server \{.+?\n\})\n/s', (string) file_get_contents(Running::root().'/docs/deploying.md'), $m) === 1 ||
            throw new \LogicException('The page shows an nginx.');
        $server = strtr($m[1], [
            'listen 443 ssl http2' => 'listen '.self::TLS_PORT.' ssl http2',
            '/etc/letsencrypt/live/studio.example/fullchain.pem' => self::$folder.'/cert.pem',
            '/etc/letsencrypt/live/studio.example/privkey.pem' => self::$folder.'/key.pem',
            '127.0.0.1:8180' => '127.0.0.1:'.self::PORT,
        ]);

        return "daemon off; pid nginx.pid; events {}\nhttp { access_log off; {$server} }\n";
    }

    /** @return array{int, string} status and body */
    private static function ask(string $from, string $path, mixed $body = null, string ...$headers): array
    {
        $asked = new Process([
            ...[
                'curl',
                '-sk',
                '--interface',
                $from,
                '--resolve',
                'studio.example:'.self::TLS_PORT.':127.0.0.1',
                '-w',
                "\n%{http_code}",
            ],
            ...array_merge(...array_map(fn (string $header): array => ['-H', $header], ['Accept: application/json', ...$headers])),
            ...$body === null ? [] : ['-H', 'Content-Type: application/json', '-d', (string) json_encode($body)],
            'https://studio.example:'.self::TLS_PORT.$path,
        ]);
        $asked->mustRun();
        [$said, $status] = [substr($asked->getOutput(), 0, -4), (int) substr($asked->getOutput(), -3)];

        return [$status, $said];
    }

    public function test_strangers_are_told_from_the_studio_by_their_addresses(): void
    {
        $wren = ['email' => 'wren@halloway.example', 'password' => 'sixty lines and a fault'];
        $first = ['studio' => 'Halloway', 'name' => 'Wren', 'unit' => 'in'] + $wren;
        self::assertSame(201, self::ask(self::HOME, '/api/first', $first)[0]);
        self::assertSame(200, self::ask(self::HOME, '/api/sign-in', $wren)[0]);
        $refused = 0;
        for ($n = 0; $n < 45; $n++) {
            // One who says that he is somebody else is believed by nobody.
            $guess = ['password' => 'a guess', 'email' => $n % 3 === 0 ? $wren['email'] : "nobody-{$n}@halloway.example"];
            [$status] = self::ask(self::STRANGER, '/api/sign-in', $guess, 'X-Forwarded-For: '.self::HOME);
            $refused += $status === 429 ? 1 : 0;
        }
        self::assertGreaterThan(4, $refused, 'the stranger is held up');
        self::assertSame(429, self::ask(self::STRANGER, '/api/sign-in', $wren)[0]);
        self::assertSame(200, self::ask(self::HOME, '/api/sign-in', $wren)[0], 'whoever works here is not');
        self::assertSame(422, self::ask('127.0.0.4', '/api/sign-in', ['email' => 'new@halloway.example', 'password' => 'a'])[0]);
    }

    /** Without what ends TLS, nobody says for others where they come from. */
    public function test_an_address_that_somebody_claims_counts_behind_tls_alone(): void
    {
        $conf = fn (string $studio): string => (string) file_get_contents(Running::root()."/var/{$studio}/run/nginx.conf");
        self::assertStringContainsString('set_real_ip_from 127.0.0.1', $conf('own-tls'));
        self::assertStringNotContainsString('set_real_ip_from', (string) file_get_contents(Running::root().'/deploy/nginx.conf.tpl'));
    }
}
