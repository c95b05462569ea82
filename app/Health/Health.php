<?php

declare(strict_types=1);

namespace App\Health;

use App\Backup\Backup;
use App\Files\Disk;
use App\Files\WholeCopy;
use App\Models\MadeFile;
use App\Workers\Machines;
use App\Workers\Queues;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Planisher\Imaging\Vips\Library;
use Planisher\State\FileState;

/** How an instance is: what it needs, whether that answers, and how much there is to do. */
final class Health
{
    /** With less room than that a large order can't be made. */
    private const LEAST_ROOM = 2_000_000_000;

    /** What hangs has so long to say something: all of them together are known within two seconds. */
    private const GREETING_SECONDS = 0.4;

    /** What took so long isn't asked at once again. */
    private const SLOW_SECONDS = 0.3;

    private const KEPT_SECONDS = 2;

    public function __construct(private readonly Disk $disk) {}

    /** @return array<string, bool> what it needs, and whether that is well */
    public function services(): array
    {
        $isThere = self::greetings();

        return [
            'database' => $isThere['database'] && self::answers(fn (): bool => DB::select('select 1') !== []),
            'queue' => $isThere['queue'] && self::answers(fn (): bool => Queue::size() >= 0),
            'files' => $isThere['files'] && self::answers(fn (): bool => ! $this->disk->has('nothing of this name')),
            'workers' => $isThere['database'] && self::answers(fn (): bool => self::workers() > 0),
            'room' => self::free() === null || self::free() > self::LEAST_ROOM,
        ];
    }

    /**
     * The same for whoever asks from outside, and may be many: while something hangs it isn't asked anew for each.
     *
     * @return array<string, bool>
     */
    public function lately(): array
    {
        $kept = storage_path('framework/health.json');
        clearstatcache(true, $kept);
        $before =
            is_file($kept) && time() - (int) filemtime($kept) < self::KEPT_SECONDS
                ? json_decode((string) file_get_contents($kept), true)
                : null;
        if (is_array($before)) {
            return $before;
        }
        $began = hrtime(true);
        $services = $this->services();
        hrtime(true) - $began < self::SLOW_SECONDS * 1e9 || WholeCopy::text(json_encode($services, JSON_THROW_ON_ERROR), $kept);

        return $services;
    }

    /** @return array{database: bool, queue: bool, files: bool} which of them says anything at all */
    private static function greetings(): array
    {
        $database = (array) config('database.connections.'.config('database.default'));
        $queue = (string) config('queue.connections.'.config('queue.default').'.driver');
        $redis = (array) config('database.redis.default');
        $store = config('filesystems.disks.'.config('filesystems.default').'.endpoint');
        $isThere = Greeting::ofDatabase((string) $database['host'], (int) $database['port'], self::GREETING_SECONDS);

        return [
            'database' => $isThere,
            'queue' => match ($queue) {
                'redis' => Greeting::ofRedis((string) $redis['host'], (int) $redis['port'], self::GREETING_SECONDS),
                'database' => $isThere,
                default => true,
            },
            'files' => ! is_string($store) || Greeting::ofStore($store, self::GREETING_SECONDS),
        ];
    }

    /** @return array<string, mixed> the rest of what somebody who keeps it running wants to know */
    public function told(): array
    {
        $backup = Backup::last();

        return [
            'queue' => [
                'connection' => config('queue.default'),
                'waiting' => self::orNull(fn (): int => Queue::size('default')),
                'later' => self::orNull(fn (): int => Queue::size(Queues::LOOKS)),
                'failed' => self::orNull(fn (): int => DB::table('failed_jobs')->count()),
                'filesWaiting' => self::orNull(fn (): int => MadeFile::query()->where('state', FileState::Waiting)->count()),
                'filesFailed' => self::orNull(fn (): int => MadeFile::query()->where('state', FileState::Failed)->count()),
            ],
            'machines' => self::orNull(Machines::all(...)),
            'disk' => ['files' => config('filesystems.default'), 'free' => self::free()],
            'lastBackup' => $backup === null ? null : $backup + ['hoursAgo' => round(Carbon::parse($backup['at'])->diffInHours(), 1)],
            'versions' => [
                'planisher' => config('planisher.version'),
                'migration' => self::orNull(fn (): mixed => DB::table('migrations')->orderByDesc('id')->value('migration')),
                'php' => PHP_VERSION,
                'database' => self::orNull(fn (): string => (string) DB::select('select version() as v')[0]->v),
                'libvips' => self::orNull(Library::version(...)),
            ],
        ];
    }

    private static function workers(): int
    {
        $awake = array_filter(Machines::all(), fn (array $machine): bool => $machine['seconds'] <= Machines::GONE_SECONDS);

        return array_sum(array_column($awake, 'workers'));
    }

    private static function free(): ?int
    {
        $free = @disk_free_space(storage_path());

        return $free === false ? null : (int) $free;
    }

    /** @param  callable(): bool  $is */
    private static function answers(callable $is): bool
    {
        try {
            return $is();
        } catch (\Throwable) {
            return false;
        }
    }

    /**
     * @template T
     *
     * @param  callable(): T  $tell
     * @return ?T null where it can't be had
     */
    private static function orNull(callable $tell): mixed
    {
        try {
            return $tell();
        } catch (\Throwable) {
            return null;
        }
    }
}
