<?php

declare(strict_types=1);

namespace Tests\app;

use App\Files\Disk;
use App\Labs\ProfileStore;
use App\Pictures\PictureStore;
use App\Studio\MarkStore;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Storage;
use Planisher\Imaging\Colour\Profiles;

/** An S3-compatible store (s3rver, from npm) on a port of its own; it can lose power, and is started again with what it had. */
final class SimulatedStore
{
    public const BUCKET = 'studio';

    private readonly Served $program;

    private function __construct(public readonly int $port, private readonly string $home)
    {
        $this->program = new Served(
            $port,
            fn (int $port): array => [
                'node',
                dirname(__DIR__, 2).'/node_modules/s3rver/bin/s3rver.js',
                ...['--directory', $home, '--address', '127.0.0.1', '--port', (string) $port],
                ...['--silent', '--no-vhost-buckets', '--configure-bucket', self::BUCKET],
            ],
        );
    }

    public static function open(): self
    {
        $store = new self(($port = Served::freePort()), sys_get_temp_dir()."/store-{$port}");
        mkdir($store->home);
        $store->start();

        return $store;
    }

    public function start(): void
    {
        $this->program->start();
    }

    public function endpoint(): string
    {
        return "http://127.0.0.1:{$this->port}";
    }

    /** SIGSTOP freezes it, SIGCONT has it go on. */
    public function signal(int $signal): void
    {
        $this->program->signal($signal);
    }

    public function losePower(): void
    {
        $this->program->losePower();
    }

    public function close(): void
    {
        $this->losePower();
        (new Filesystem())->deleteDirectory($this->home);
    }

    /** From now on the application keeps its files here, beginning with nothing. */
    public function takes(): void
    {
        File::deleteDirectory(storage_path('app/scratch'));
        Cache::store('file')->getStore()->flush();
        config(['filesystems.default' => 's3']);
        config([
            'filesystems.disks.s3' => [
                'endpoint' => $this->endpoint(),
                'use_path_style_endpoint' => true,
                'bucket' => self::BUCKET,
                'root' => bin2hex(random_bytes(4)),
                'key' => 'S3RVER',
                'secret' => 'S3RVER',
                'retries' => 0,
            ] + config('filesystems.disks.s3'),
        ]);
        Storage::forgetDisk('s3');
        foreach ([Disk::class, PictureStore::class, MarkStore::class, ProfileStore::class, Profiles::class] as $one) {
            app()->forgetInstance($one);
        }
    }
}
