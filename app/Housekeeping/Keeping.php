<?php

declare(strict_types=1);

namespace App\Housekeeping;

use App\Files\Disk;
use App\Files\LocalDisk;
use App\Orders\Removed;
use Illuminate\Support\Facades\DB;

/** All that grows while an instance is used, each with its bound. Whoever adds something that grows names it here. */
final class Keeping
{
    private const HOUR = 3600;

    private const DAY = 86_400;

    /** Folder, what of it, bytes at most, seconds unused at most. */
    private const FILES = [
        'previews and parts' => ['app/previews', null, 4_000_000_000, 30 * self::DAY],
        'scratch copies of a store’s files' => ['app/scratch', null, 20_000_000_000, 7 * self::DAY],
        'orders that are being brought in' => ['app/incoming', null, 20_000_000_000, self::DAY],
        'uploads that broke off' => ['app/begun', null, 40_000_000_000, 2 * self::DAY],
        'unfinished files' => ['app', '/\.part$/', 20_000_000_000, self::HOUR],
        'uploads and temporary files' => ['../run/tmp', null, 8_000_000_000, self::HOUR],
        'logs' => ['logs', null, 500_000_000, 30 * self::DAY],
        'logs of services' => ['../logs', null, 500_000_000, 90 * self::DAY],
    ];

    /** The same, of what is kept on the studio's disk, wherever that is. */
    private const ON_THE_DISK = [
        'ZIPs' => ['zips', '/\.zip$/', 20_000_000_000, 7 * self::DAY],
        'uploads that are being read' => ['incoming', null, 20_000_000_000, self::DAY],
    ];

    private const CACHE_ROWS = 100_000;

    private const SESSION_ROWS = 10_000;

    private const FAILED_JOBS = 1000;

    private const KEPT = [
        'originals' => 'pictures',
        'proxies' => 'proxies',
        'made files' => 'orders',
        'parcels' => 'parcels',
        'profiles' => 'profiles',
        'marks' => 'marks',
    ];

    public function __construct(private readonly Disk $disk, private readonly Removed $removed) {}

    /** @return list<string> folders of the disk that are kept whatever they take */
    public static function kept(): array
    {
        return array_values(self::KEPT);
    }

    /** @return list<Held> */
    public function all(): array
    {
        $held = [];
        foreach ($this->swept() as $name => [$files, $most, $seconds]) {
            $held[] = new Held($name, $files->bytes(), 'bytes', $most, 'swept after '.self::said($seconds).' unused');
        }
        $rows = fn (string $table): int => DB::table($table)->count();
        $held[] = new Held('cached figures', $rows('cache'), 'rows', self::CACHE_ROWS, 'swept when they have run out');
        $held[] = new Held(
            'sessions',
            $rows('sessions'),
            'rows',
            self::SESSION_ROWS,
            'swept after '.config('session.lifetime') / 60 .' h unused',
        );
        $held[] = new Held('history of orders', $rows('order_events'), 'rows', null, 'kept as long as its order');
        $held[] = new Held(
            'removed orders',
            DB::table('orders')->whereNotNull('deleted_at')->count(),
            'rows',
            null,
            'swept after '.Removed::DAYS.' days',
        );
        $held[] = new Held('jobs that failed', $rows('failed_jobs'), 'rows', self::FAILED_JOBS, 'the newest are kept');
        $held[] = new Held('clients’ answers', $rows('client_answers'), 'rows', null, 'kept; at most 5000 a page');
        foreach (self::KEPT as $name => $folder) {
            $held[] = new Held($name, (new Files($this->disk, $folder))->bytes(), 'bytes', null, 'kept');
        }

        return $held;
    }

    /** @return array<string, int> how much of each went */
    public function sweep(): array
    {
        $gone = [];
        foreach ($this->swept() as $name => [$files, $most, $seconds]) {
            $gone[$name] = $files->sweep($seconds, $most);
        }
        $gone['cached figures'] =
            DB::table('cache')->where('expiration', '<', time())->delete() + self::beyond('cache', 'expiration', self::CACHE_ROWS);
        $gone['sessions'] =
            DB::table('sessions')
                ->where('last_activity', '<', time() - 60 * (int) config('session.lifetime'))
                ->delete() + self::beyond('sessions', 'last_activity', self::SESSION_ROWS);
        $gone['removed orders'] = $this->removed->sweep();
        $gone['jobs that failed'] = self::beyond('failed_jobs', 'id', self::FAILED_JOBS);

        return $gone;
    }

    /** @return array<string, array{Files, int, int}> what is swept: bytes at most, seconds unused at most */
    private function swept(): array
    {
        $all = [];
        $here = new LocalDisk(storage_path());
        foreach (self::FILES as $name => [$folder, $named, $most, $seconds]) {
            $all[$name] = [new Files($here, $folder, $named), $most, $seconds];
        }
        foreach (self::ON_THE_DISK as $name => [$folder, $named, $most, $seconds]) {
            $all[$name] = [new Files($this->disk, $folder, $named), $most, $seconds];
        }

        return $all;
    }

    /** Of a table's rows those that stand lowest go, until as many are left as may be. */
    private static function beyond(string $table, string $by, int $most): int
    {
        $tooMany = DB::table($table)->count() - $most;

        return $tooMany <= 0 ? 0 : DB::table($table)->orderBy($by)->limit($tooMany)->delete();
    }

    private static function said(int $seconds): string
    {
        return $seconds < self::DAY ? intdiv($seconds, self::HOUR).' h' : intdiv($seconds, self::DAY).' days';
    }
}
