<?php

declare(strict_types=1);

namespace Tests\app;

use Illuminate\Support\Facades\File;

/** The simulated lab on a port of its own, as its own program; it can lose power, and is started again. */
final class SimulatedLab
{
    public const KEY = 'a key of the tests';

    private readonly Served $program;

    private function __construct(public readonly int $port, private readonly string $home)
    {
        $this->program = new Served(
            $port,
            fn (int $port): array => ['php', '-d', 'post_max_size=0', '-S', "127.0.0.1:{$port}", base_path('labsim/index.php')],
            ['LABSIM_HOME' => $home, 'LABSIM_KEY' => self::KEY, 'PHP_CLI_SERVER_WORKERS' => '2'],
        );
    }

    public static function open(): self
    {
        $home = sys_get_temp_dir().'/labsim-'.getmypid();
        File::deleteDirectory($home);
        $lab = new self(Served::freePort(), $home);
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
        $this->program->start(['LABSIM_PACE' => (string) $pace]);
    }

    public function isUp(): bool
    {
        return $this->program->isUp();
    }

    public function close(): void
    {
        $this->program->losePower();
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

    /** @return list<array<string, mixed>> what it keeps of each parcel that was announced to it */
    public function announced(): array
    {
        return array_map(
            fn (string $path): array => json_decode((string) file_get_contents($path), true),
            glob("{$this->home}/records/parcel-*.json") ?: [],
        );
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
