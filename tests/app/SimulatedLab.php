<?php

declare(strict_types=1);

namespace Tests\app;

use Illuminate\Support\Facades\File;
use Symfony\Component\Process\Process;

/** The simulated lab on a port of its own, as its own program; it can lose power, and is started again. */
final class SimulatedLab
{
    public const KEY = 'a key of the tests';

    private ?Process $process = null;

    private function __construct(public readonly int $port, private readonly string $home) {}

    public static function open(): self
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new \RuntimeException('No port is free.');
        $port = (int) substr(strrchr((string) stream_socket_get_name($socket, false), ':') ?: '', 1);
        fclose($socket);
        $home = sys_get_temp_dir().'/labsim-'.getmypid();
        File::deleteDirectory($home);
        $lab = new self($port, $home);
        $lab->start();

        return $lab;
    }

    public function url(): string
    {
        return "http://127.0.0.1:{$this->port}";
    }

    /** @param  int  $pace  seconds until it prints by itself what it has received; 0 for when it is told */
    public function start(int $pace = 0): void
    {
        // Its own session: power is lost by all of it and by nothing else.
        $this->process = new Process(
            ['setsid', 'php', '-d', 'post_max_size=0', '-S', "127.0.0.1:{$this->port}", base_path('labsim/index.php')],
            env: [
                'LABSIM_HOME' => $this->home,
                'LABSIM_KEY' => self::KEY,
                'LABSIM_PACE' => (string) $pace,
                'PHP_CLI_SERVER_WORKERS' => '2',
            ],
            timeout: null,
        );
        $this->process->start();
        for ($n = 0; $n < 200 && ! @fsockopen('127.0.0.1', $this->port); $n++) {
            usleep(25_000);
        }
    }

    public function isUp(): bool
    {
        return @fsockopen('127.0.0.1', $this->port) !== false;
    }

    public function close(): void
    {
        if ($this->process?->isRunning() === true) {
            posix_kill(-(int) $this->process->getPid(), SIGKILL);
            $this->process->stop(0);
        }
        File::deleteDirectory($this->home);
    }

    /** Tells it on its page what to do badly next. */
    public function is(string $mood, int $times = 1): void
    {
        $this->post('/moods', ['mood' => $mood, 'times' => $times]);
    }

    /** What its people do with a parcel. */
    public function does(string $key, string $state, string $reason = ''): void
    {
        $this->post('/parcels', ['key' => $key, 'state' => $state, 'reason' => $reason]);
    }

    /** @return list<string> SHA-256 of everything that arrived whole */
    public function has(): array
    {
        $sums = array_map(fn (string $path): string => (string) hash_file('sha256', $path), glob("{$this->home}/bytes/*") ?: []);
        sort($sums);

        return $sums;
    }

    public function parcels(): int
    {
        return count(glob("{$this->home}/records/parcel-*.json") ?: []);
    }

    /** @param  array<string, string|int>  $fields */
    private function post(string $path, array $fields): void
    {
        file_get_contents(
            $this->url().$path,
            false,
            stream_context_create([
                'http' => [
                    'method' => 'POST',
                    'header' => 'Content-Type: application/x-www-form-urlencoded',
                    'content' => http_build_query($fields),
                    'follow_location' => 0,
                ],
            ]),
        );
    }
}
