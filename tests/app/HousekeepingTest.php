<?php

declare(strict_types=1);

namespace Tests\app;

use App\Errors\NotPossible;
use App\Files\LocalDisk;
use App\Housekeeping\Files;
use App\Housekeeping\Keeping;
use App\Logging\Discreet;
use App\Making\Zip;
use App\Models\Make;
use App\Views\FailureCache;
use App\Workers\Machines;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Monolog\Level;
use Monolog\LogRecord;
use Planisher\Picture\PictureRefused;

/** What grows has a bound, what fails is remembered, and the log keeps other people's things to itself. */
final class HousekeepingTest extends TestCase
{
    private function file(string $path, int $bytes, int $secondsAgo): string
    {
        File::ensureDirectoryExists(dirname(storage_path($path)));
        file_put_contents(storage_path($path), str_repeat('x', $bytes));
        touch(storage_path($path), time() - $secondsAgo);

        return storage_path($path);
    }

    public function test_the_old_go_first_then_the_oldest_until_the_rest_fits(): void
    {
        $at = fn (string $name, int $days): string => $this->file("app/previews/aa/{$name}", 1000, 86_400 * $days);
        [$old, $first, $second, $third] = [$at('old.jpg', 40), $at('first.jpg', 3), $at('second.jpg', 2), $at('third.jpg', 1)];
        self::assertSame(2, (new Files(new LocalDisk(storage_path()), 'app/previews'))->sweep(30 * 86_400, 2500));
        self::assertSame([false, false, true, true], array_map(is_file(...), [$old, $first, $second, $third]));
        self::assertSame(2000, (new Files(new LocalDisk(storage_path()), 'app/previews'))->bytes());
        self::assertSame(0, (new Files(new LocalDisk(storage_path()), 'app/none'))->sweep(1, 1));
    }

    public function test_a_sweep_takes_what_was_left_behind_and_nothing_that_is_kept(): void
    {
        $kept = [
            $this->file('app/pictures/aa/a.jpg', 10, 86_400 * 900),
            $this->file('app/orders/x/a.jpg', 10, 86_400 * 900),
            $this->file('app/pictures/aa/b.jpg.17.part', 10, 60),
        ];
        $gone = [
            $this->file('app/pictures/aa/c.jpg.17.part', 10, 7200),
            $this->file('app/orders/x/.a.jpg.17.part', 10, 7200),
            $this->file('app/zips/1.zip', 10, 86_400 * 8),
        ];
        Cache::store('database')->put('kept', 1, 600);
        DB::table('cache')->insert(['key' => 'old', 'value' => '1', 'expiration' => time() - 1]);
        DB::table('sessions')->insert(['id' => 'old', 'payload' => '', 'last_activity' => time() - 13 * 3600]);
        DB::table('sessions')->insert(['id' => 'new', 'payload' => '', 'last_activity' => time() - 3600]);
        self::assertSame(0, Artisan::call('planisher:sweep'));
        self::assertSame([], array_filter($kept, fn (string $path): bool => ! is_file($path)));
        self::assertSame([], array_filter($gone, is_file(...)));
        self::assertSame([1, 'new'], [DB::table('cache')->count(), DB::table('sessions')->value('id')]);
    }

    public function test_the_status_tells_each_with_its_bound(): void
    {
        $this->file('app/previews/aa/a.jpg', 5000, 1);
        $told = [];
        foreach (app(Keeping::class)->all() as $held) {
            $told[$held->name] = $held;
        }
        self::assertGreaterThanOrEqual(5000, $told['previews and parts']->amount);
        self::assertNull($told['originals']->most);
        Machines::beat(1);
        self::assertSame(0, Artisan::call('planisher:status'));
        self::assertStringContainsString('previews and parts', Artisan::output());
    }

    public function test_what_failed_is_told_and_not_tried_again(): void
    {
        $tried = 0;
        $try = function () use (&$tried): string {
            try {
                return app(FailureCache::class)->try('a-view', function () use (&$tried): string {
                    $tried++;
                    throw new PictureRefused('it is cut off.');
                });
            } catch (NotPossible $e) {
                return $e->getMessage();
            }
        };
        self::assertSame(
            ['It can’t be shown of this picture: it is cut off.', 'It can’t be shown of this picture: it is cut off.'],
            [$try(), $try()],
        );
        self::assertSame(1, $tried);
    }

    public function test_a_log_line_holds_no_values(): void
    {
        $driver = new \PDOException(
            "SQLSTATE[23000]: Integrity constraint violation: 1062 Duplicate entry 'wren@halloway.example' for key 'email'",
        );
        $query = new QueryException('mariadb', 'select * from `sessions` where `id` = ?', ['the-session-id'], $driver);
        $record = Discreet::record(
            new LogRecord(new \DateTimeImmutable(), 'x', Level::Error, "[abc] {$query->getMessage()}", ['exception' => $query]),
        );
        $said = $record->message.json_encode($record->context);
        self::assertStringNotContainsString('the-session-id', $said);
        self::assertStringNotContainsString('wren@', $said);
        self::assertStringContainsString('[abc] SQLSTATE[23000]', $record->message);
        self::assertStringContainsString('where `id` = ?', $said);
    }

    public function test_a_large_set_is_packed_by_a_worker(): void
    {
        $this->pass($this->line())->assertOk();
        $this->postJson("/api/orders/{$this->order->id}/make")->assertCreated();
        $make = Make::query()->sole();
        $this->getJson("/api/orders/{$this->order->id}/make")->assertJsonPath('makes.0.zip', 'ready');
        $file = $make->files()->sole();
        $file->update(['bytes' => 300_000_000]);
        self::assertFalse(app(Zip::class)->isReady($make));
        $message = $this->getJson("/api/makes/{$make->id}/zip")
            ->assertConflict()
            ->json('message'); // the queue is run at once in tests
        self::assertStringContainsString('is being packed', $message);
        self::assertTrue(app(Zip::class)->isThere($make));
        $this->get("/api/makes/{$make->id}/zip")->assertOk();
    }
}
