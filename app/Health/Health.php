<?php

declare(strict_types=1);

namespace App\Health;

use App\Backup\Backup;
use App\Files\Disk;
use App\Models\MadeFile;
use App\Workers\Machines;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Planisher\Imaging\Vips\Library;

/** How an instance is: what it needs, whether that answers, and how much there is to do. */
final class Health
{
    /** With less room than that a large order can't be made. */
    private const LEAST_ROOM = 2_000_000_000;

    public function __construct(private readonly Disk $disk) {}

    /** @return array<string, bool> what it needs, and whether that is well */
    public function services(): array
    {
        return [
            'database' => self::answers(fn (): bool => DB::select('select 1') !== []),
            'queue' => self::answers(fn (): bool => Queue::size() >= 0),
            'files' => self::answers(fn (): bool => ! $this->disk->has('nothing of this name')),
            'workers' => self::answers(fn (): bool => self::workers() > 0),
            'room' => self::free() === null || self::free() > self::LEAST_ROOM,
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
                'later' => self::orNull(fn (): int => Queue::size('looks')),
                'failed' => self::orNull(fn (): int => DB::table('failed_jobs')->count()),
                'filesWaiting' => self::orNull(fn (): int => MadeFile::query()->where('state', MadeFile::WAITING)->count()),
                'filesFailed' => self::orNull(fn (): int => MadeFile::query()->where('state', MadeFile::FAILED)->count()),
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
