<?php

declare(strict_types=1);

namespace Tests\attack;

use PHPUnit\Framework\Attributes\DataProvider;

/** The house around it: names it answers to, bodies, headers, what lies on the disk, what services know. */
final class HouseTest extends Attack
{
    private const HEADERS = [
        'X-Content-Type-Options' => 'nosniff',
        'X-Frame-Options' => 'DENY',
        'Referrer-Policy' => 'same-origin',
        'Cross-Origin-Opener-Policy' => 'same-origin',
        'Cross-Origin-Resource-Policy' => 'same-origin',
    ];

    public function test_by_another_name_nothing_is_answered(): void
    {
        foreach (['evil.example', 'evil.example:8190', '127.0.0.1.evil.example', ''] as $host) {
            $answer = self::ask('GET', '/', headers: ['Host' => $host]);
            self::assertContains($answer->status, $host === '' ? [0, 400] : [0], "asked as “{$host}”");
            self::assertStringNotContainsString('evil', $answer->body);
        }
        self::assertSame(200, self::ask('GET', '/', headers: ['Host' => 'localhost'])->status);
    }

    public function test_headers_on_every_kind_of_answer(): void
    {
        $order = self::order();
        self::upload($order, $this->picture('a.jpg'));
        $sha256 = hash_file('sha256', "{$this->folder}/a.jpg");
        $line = self::line($order, '6 x 4 in', 'a.jpg');
        $script =
            preg_match('~/build/assets/[^"]+\.js~', self::ask('GET', '/')->body, $m) === 1 ? $m[0] : self::fail('the page names no script');
        $answers = [
            'page' => self::ask('GET', '/'),
            'script' => self::ask('GET', $script),
            'answer' => self::ask('GET', '/api/me'),
            'unsigned' => self::ask('GET', '/api/orders'),
            'none' => self::ask('GET', '/build/none.js'),
            'hidden' => self::ask('GET', '/.env'),
            'picture' => self::asWren('GET', "/api/pictures/{$sha256}/screen"),
            'preview' => self::asWren('GET', "/api/lines/{$line['id']}/preview/{$line['planHash']}"),
            'too large' => self::ask('POST', '/api/sign-in', str_repeat('x', 1_100_000)),
            'upload unsigned' => self::ask('POST', "/api/orders/{$order}/pictures", 'x'),
            'private' => self::ask('GET', '/_private/pictures/'),
        ];
        foreach ($answers as $kind => $answer) {
            foreach (self::HEADERS as $name => $value) {
                self::assertSame($value, $answer->header($name), "{$kind} ({$answer->status}): {$name}");
            }
            self::assertStringStartsWith("default-src 'none'", $answer->header('Content-Security-Policy'), $kind);
            self::assertCount(1, $answer->headers['content-security-policy'], $kind);
            self::assertSame('nginx', $answer->header('Server'), 'no version');
            self::assertSame('', $answer->header('X-Powered-By'));
        }
    }

    public function test_bodies_are_small_but_for_uploads_of_people_who_are_signed_in(): void
    {
        $body = (string) json_encode(['email' => str_repeat('a', 1_100_000)]);
        foreach (['/api/sign-in', '/api/orders', '/', '/api/lines/1'] as $path) {
            $answer = self::ask('POST', $path, $body);
            self::assertSame(
                [413, true],
                [$answer->status, str_contains((string) $answer->json('message'), 'larger than what is taken')],
                $path,
            );
        }
        // The answer comes before the body is read: nobody is asked to go on sending.
        $unsigned = self::ask('POST', '/api/orders/1/pictures', str_repeat('x', 20_000_000), ['Expect' => '100-continue']);
        self::assertSame([401, 'Sign in first.'], [$unsigned->status, $unsigned->json('message')]);
        self::assertSame(413, self::asWren('POST', '/api/labs/1/profiles', str_repeat('x', 23_000_000))->status);
        file_put_contents("{$this->folder}/two.jpg", str_repeat('no picture ', 200_000));
        self::assertRefused(self::upload(self::order(), "{$this->folder}/two.jpg"), 'not a picture');
    }

    #[DataProvider('wrongTypes')]
    public function test_types_are_checked_at_the_door(string $method, string $path, mixed $body, bool $signedIn = true): void
    {
        $answer = $signedIn ? self::asWren($method, $path, $body) : self::ask($method, $path, $body);
        self::assertGreaterThanOrEqual(400, $answer->status, $answer->body);
        self::assertLessThan(500, $answer->status, $answer->body);
        self::assertStringNotContainsString('Something went wrong', $answer->body);
    }

    /** @return iterable<string, array{0: string, 1: string, 2: mixed, 3?: bool}> */
    public static function wrongTypes(): iterable
    {
        yield 'a list for an e-mail' => ['POST', '/api/sign-in', ['email' => ['x'], 'password' => 'x'], false];
        yield 'an object for a password' => ['POST', '/api/sign-in', ['email' => 'a@b.example', 'password' => ['a' => 1]], false];
        yield 'a number for a body' => ['POST', '/api/sign-in', '17', false];
        yield 'no JSON' => ['POST', '/api/sign-in', '{"email":', false];
        yield 'more than a number' => ['GET', '/api/orders/1%20or%201=1', null];
        yield 'a number and letters' => ['DELETE', '/api/house-finishes/17abc', []];
        yield 'a number beyond all' => ['GET', '/api/orders/99999999999999999999', null];
        yield 'none at all' => ['GET', '/api/orders/0', null];
        yield 'a list to find' => ['GET', '/api/orders?find[]=a', null];
        yield 'no picture by zero' => ['PATCH', '/api/lines/1', ['version' => 1, 'change' => ['picture' => 0]]];
        yield 'no picture by a list' => ['PATCH', '/api/lines/1', ['version' => 1, 'change' => ['picture' => []]]];
        yield 'no picture of a true' => ['POST', '/api/orders/1/lines', ['size' => '4 x 6 in', 'picture' => true]];
        yield 'a list for a change' => ['PATCH', '/api/lines/1', ['version' => 1, 'change' => 'x']];
        yield 'lines that are words' => ['POST', '/api/orders/1/make', ['lines' => ['a']]];
        yield 'no file' => ['POST', '/api/orders/1/pictures', ['picture' => 'x']];
    }

    public function test_a_file_name_that_is_no_text(): void
    {
        $answer = self::upload(self::order(), $this->picture('a.jpg'), "caf\xE9\xFF\xFE.jpg");
        self::assertSame(201, $answer->status, $answer->body);
        self::assertTrue(mb_check_encoding((string) $answer->json('name'), 'UTF-8'));
    }

    public function test_guests_leave_nothing_behind(): void
    {
        $count = fn (): int => (int) self::asked('select count(*) from sessions')[0];
        self::asWren('GET', '/api/me');
        $before = $count();
        for ($i = 0; $i < 60; $i++) {
            self::assertLessThan(500, self::ask('GET', $i % 2 === 0 ? '/api/me' : '/api/orders')->status);
        }
        self::assertSame($before, $count());
    }

    public function test_the_time_of_an_answer_doesn_t_tell_who_is_there(): void
    {
        $try = fn (string $email): float => self::ask('POST', '/api/sign-in', ['email' => $email, 'password' => 'a guess'])->seconds;
        $try('warm@halloway.example');
        [$known, $unknown] = [[], []];
        for ($i = 0; $i < 4; $i++) {
            $known[] = $try(self::WREN['email']);
            $unknown[] = $try("nobody-{$i}@halloway.example");
        }
        self::assertEqualsWithDelta(1.0, min($known) / min($unknown), 0.25); // the least: what else the machine does only adds
        self::assertSame(
            200,
            self::ask('POST', '/api/sign-in', self::WREN)->status,
            'who knows the password gets in, and the tries are forgotten',
        );
    }

    public function test_folders_and_files_are_the_services_alone(): void
    {
        self::assertDirectoryExists(self::home());
        $open = [];
        foreach (
            new \RecursiveIteratorIterator(
                new \RecursiveDirectoryIterator(self::home(), \FilesystemIterator::SKIP_DOTS),
                \RecursiveIteratorIterator::SELF_FIRST,
                \RecursiveIteratorIterator::CATCH_GET_CHILD,
            ) as $file
        ) {
            if (
                ! str_contains($file->getPathname(), '/db/') &&
                ! str_contains($file->getPathname(), '/phpunit') &&
                ! $file->isLink() &&
                $file->getType() !== 'socket' &&
                (@$file->getPerms() & 0o007) !== 0
            ) {
                $open[] = $file->getPathname();
            }
        }
        self::assertSame([], $open);
        self::assertSame(0o750, fileperms(self::home()) & 0o777);
        self::assertSame(0o640, fileperms(self::home().'/cache/config.php') & 0o777);
    }

    public function test_services_know_a_list_and_not_what_the_shell_had(): void
    {
        foreach (['run/worker-1.pid', 'run/worker-1.pid.child', 'run/worker-sweeper.pid', 'db/db.pid'] as $pid) {
            // PHP-FPM and nginx write their titles over theirs
            $environment = (string) @file_get_contents('/proc/'.trim((string) file_get_contents(self::home()."/{$pid}")).'/environ');
            self::assertStringContainsString('LANG=C.UTF-8', $environment, $pid);
            foreach (['OLDPWD', 'SHELL', 'CI', 'PLANISHER_TEST_PORT', 'CONTAINER_NAME', 'PIP_CERT'] as $name) {
                self::assertDoesNotMatchRegularExpression("/(^|\\0){$name}=/", $environment, $pid);
            }
        }
    }

    /** As root, in a folder that others can't enter: refused before anything is installed or begun. */
    public function test_nothing_is_started_as_root(): void
    {
        if (posix_getuid() !== 0) {
            self::markTestSkipped('only root can start services as others');
        }
        mkdir($closed = "{$this->folder}-closed", 0700);
        foreach (['bin', 'deploy', 'composer.json'] as $part) {
            exec('cp -r '.escapeshellarg(dirname(__DIR__, 2)."/{$part}").' '.escapeshellarg($closed));
        }
        exec('env -u PLANISHER_AS_ROOT '.escapeshellarg("{$closed}/bin/planisher").' start 2>&1', $said, $code);
        $made = is_dir("{$closed}/var");
        exec('rm -rf '.escapeshellarg($closed));
        self::assertSame([1, false], [$code, $made]);
        self::assertStringContainsString('so everything would run as root', implode(' ', $said));
    }

    public function test_logs_hold_no_session_and_no_values(): void
    {
        self::asWren('GET', '/api/orders?find='.rawurlencode("secret-needle'"));
        $sessions = self::asked('select id from sessions');
        self::assertNotEmpty($sessions);
        foreach ([...glob(self::home().'/logs/*') ?: [], ...glob(self::home().'/storage/logs/*') ?: []] as $log) {
            $text = (string) file_get_contents($log);
            foreach ([...$sessions, 'secret-needle', self::WREN['password']] as $secret) {
                self::assertStringNotContainsString($secret, $text, $log);
            }
        }
    }
}
