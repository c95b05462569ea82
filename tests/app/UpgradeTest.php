<?php

declare(strict_types=1);

namespace Tests\app;

use App\Lines\Computation;
use App\Making\Ticket;
use App\Models\MadeFile;
use App\Models\Order;
use Illuminate\Foundation\Testing\TestCase as LaravelTestCase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Planisher\State\LineState;

/**
 * Databases of earlier days, as they were stored (tests/upgrade), are kept by the program as it is: migrated, read, worked out.
 * Whoever adds a migration leaves these as they are; with a version that is given out, its database is stored beside them.
 */
final class UpgradeTest extends LaravelTestCase
{
    private const DATABASE = 'planisher_upgrade';

    /** @return iterable<string, array{string, array<string, int>}> a dump, and how many there were of what */
    public static function days(): iterable
    {
        yield '2026-11-26' => [
            '2026-11-26',
            [
                'orders' => 4,
                'lines' => 21,
                'pictures' => 11,
                'made_files' => 23,
                'parcels' => 4,
                'client_pages' => 4,
                'house_finishes' => 8,
            ],
        ];
    }

    /** @param  array<string, int>  $counts */
    #[DataProvider('days')]
    public function test_what_was_is_kept(string $day, array $counts): void
    {
        $of = config('database.connections.mariadb');
        config(['database.connections.upgrade' => ['database' => self::DATABASE] + $of, 'database.default' => 'upgrade']);
        DB::purge('upgrade');
        array_map(
            fn (string $table) => DB::statement("set foreign_key_checks = 0; drop table if exists `{$table}`"),
            array_column(DB::select('show tables'), 'Tables_in_'.self::DATABASE),
        );
        DB::unprepared((string) gzdecode((string) file_get_contents(__DIR__."/../upgrade/{$day}.sql.gz")));
        DB::purge('upgrade');
        self::assertSame(0, Artisan::call('migrate', ['--force' => true]), Artisan::output());
        foreach ($counts as $table => $count) {
            self::assertSame($count, DB::table($table)->count(), $table);
        }
        self::assertGreaterThan(0, $this->lines());
        foreach (MadeFile::all() as $file) {
            $names = array_column(Ticket::work($file->ticket)->plan?->all() ?? [], 'name');
            self::assertContains($file->name, $names, 'its ticket says what it says');
        }
    }

    /** @return int how many lines are worked out, each as it was when it was made */
    private function lines(): int
    {
        $lines = 0;
        foreach (Order::all() as $order) {
            $worked = app(Computation::class)->order($order);
            foreach ($order->lines as $line) {
                self::assertNotNull($worked->of($line)->line);
                self::assertContains($line->state, [LineState::Open, LineState::Passed, LineState::Made]);
                $lines++;
            }
        }

        return $lines;
    }
}
