<?php

declare(strict_types=1);

namespace Tests\faults;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** Other programs and users of the machine: theirs is left alone, and they read no secret of ours. */
final class OthersTest extends TestCase
{
    private const PORT = 8286;

    private Running $studio;

    protected function setUp(): void
    {
        $this->studio = new Running('own-beside', self::PORT, ['PLANISHER_WORKERS' => '1']);
        (new Process(['rm', '-rf', $this->studio->home()]))->mustRun();
    }

    protected function tearDown(): void
    {
        $this->studio->remove();
    }

    /** After a loss of power the numbers in our files are others' processes. */
    public function test_a_start_ends_no_strangers(): void
    {
        $this->studio->start();
        $this->studio->losePower();
        $strangers = [];
        $files = ['run/nginx.pid', 'run/php-fpm.pid', 'run/worker-1.pid', 'run/worker-1.pid.child', 'run/worker-watcher.pid', 'db/db.pid'];
        foreach ($files as $file) {
            // Called as ours are.
            $strangers[$file] = new Process(['bash', '-c', 'exec -a php-fpm sleep 120']);
            $strangers[$file]->start();
        }
        $isCalledSo = fn (Process $one): bool => str_starts_with((string) @file_get_contents("/proc/{$one->getPid()}/cmdline"), 'php-fpm');
        Running::until(fn (): bool => array_filter($strangers, $isCalledSo) === $strangers, 10, fn (): string => 'They aren’t called so.');
        try {
            foreach ($strangers as $file => $stranger) {
                file_put_contents($this->studio->home($file), $stranger->getPid()."\n");
            }
            $this->studio->start();
            foreach ($strangers as $file => $stranger) {
                self::assertTrue($stranger->isRunning(), "whoever had the number in {$file} goes on");
            }
            foreach ($files as $file) {
                self::assertNotSame($strangers[$file]->getPid(), $this->studio->pid($file), "{$file} names ours");
            }
            $this->studio->interrupt();
            foreach ($strangers as $file => $stranger) {
                self::assertTrue($stranger->isRunning(), "whoever had the number in {$file} goes on, and is not stopped");
            }
        } finally {
            array_map(fn (Process $stranger) => $stranger->stop(0, SIGKILL), $strangers);
        }
    }

    /** Settings are kept for speed, and a start that finds a port taken asks for another. */
    public function test_it_starts_on_other_ports_than_before(): void
    {
        $this->studio->start();
        $this->studio->interrupt();
        $moved = new Running($this->studio->name, self::PORT + 6, ['PLANISHER_WORKERS' => '1']);
        try {
            $moved->start();
            self::assertStringContainsString('127.0.0.1:'.(self::PORT + 6), $moved->said());
        } finally {
            $moved->interrupt();
        }
    }

    /** What every user of the machine can read of a process is how it was started. */
    public function test_no_command_shows_a_secret(): void
    {
        $found = sys_get_temp_dir().'/planisher-commands-'.getmypid();
        $copies = "{$found}.copies";
        mkdir($copies, 0777);
        chmod($copies, 0777);
        // As often as it can: all that is started while each command runs.
        $poll = new Process([
            'python3',
            '-c',
            <<<'PY'
            import os, sys
            seen = set()
            out = open(sys.argv[1], 'w')
            while True:
                for pid in os.listdir('/proc'):
                    if pid.isdigit():
                        try: line = open('/proc/%s/cmdline' % pid, 'rb').read()
                        except OSError: continue
                        if line and line not in seen:
                            seen.add(line); out.write(repr(line) + '\n'); out.flush()
            PY
            ,
            $found,
        ]);
        $poll->setTimeout(null)->start();
        try {
            $this->studio->start();
            foreach ([['status', '--json'], ['person', 'list'], ['backup', $copies], ['artisan', 'planisher:sweep']] as $command) {
                [$code, $said] = $this->studio->run(...$command);
                // A moment after its start it isn’t well yet, and status says so.
                $command[0] === 'status' || self::assertSame(0, $code, implode(' ', $command).": {$said}");
            }
            $secrets = array_intersect_key(parse_ini_file($this->studio->home('env'), false, INI_SCANNER_RAW) ?: [], [
                'APP_KEY' => 1,
                'DB_PASSWORD' => 1,
            ]);
            $this->studio->interrupt();
            (new Process(['rm', '-rf', $this->studio->home()]))->mustRun();
            self::assertSame(0, $this->studio->run('restore', $copies)[0]);
        } finally {
            $poll->stop(0, SIGKILL);
            (new Process(['rm', '-rf', $copies]))->run();
        }
        $commands = (string) file_get_contents($found);
        unlink($found);
        self::assertStringContainsString('mariadb-install-db', $commands, 'it saw what was started');
        self::assertStringContainsString('planisher:upgrade', $commands);
        self::assertCount(2, $secrets);
        foreach ($secrets as $name => $secret) {
            self::assertStringNotContainsString(trim($secret, "'\""), $commands, "{$name} stands in a command");
        }
        self::assertStringNotContainsString('IDENTIFIED BY', $commands);
    }
}
