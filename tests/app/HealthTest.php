<?php

declare(strict_types=1);

namespace Tests\app;

use App\Logging\Discreet;
use App\Workers\Machines;
use Illuminate\Log\LogManager;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;

/** Whoever keeps it running is told how it is, in words, as JSON and by an address; and nothing of what is in it. */
final class HealthTest extends TestCase
{
    public function test_it_is_well_when_all_that_it_needs_answers(): void
    {
        config(['queue.default' => 'database']);
        $this->app?->make('auth')->forgetGuards();
        $this->get('/health')
            ->assertStatus(503)
            ->assertJson(['isWell' => false, 'database' => true, 'workers' => false]);
        Machines::beat(2);
        $this->get('/health')
            ->assertOk()
            ->assertExactJson(['isWell' => true, 'database' => true, 'queue' => true, 'files' => true, 'workers' => true, 'room' => true]);
        DB::update('update machines set seen_at = now(3) - interval 1 minute');
        $this->get('/health')
            ->assertStatus(503)
            ->assertJson(['workers' => false]);
        config(['queue.default' => 'redis', 'database.redis.client' => 'predis', 'database.redis.default.port' => Served::freePort()]);
        $this->get('/health')
            ->assertStatus(503)
            ->assertJson(['queue' => false, 'database' => true]);
    }

    public function test_the_status_is_told_as_json_too(): void
    {
        config(['queue.default' => 'database']);
        Machines::beat(3);
        $this->pass($this->line())->assertOk();
        $this->postJson("/api/orders/{$this->order->id}/make")->assertCreated();
        self::assertSame(0, Artisan::call('planisher:status', ['--json' => true]));
        $told = json_decode(Artisan::output(), true, flags: JSON_THROW_ON_ERROR);
        self::assertSame([true, 1, 1], [$told['isWell'], $told['queue']['waiting'], $told['queue']['filesWaiting']]);
        self::assertSame([3], array_column($told['machines'], 'workers'));
        self::assertSame(PHP_VERSION, $told['versions']['php']);
        self::assertMatchesRegularExpression('/^\d+\.\d+/', $told['versions']['libvips']);
        self::assertStringContainsString('MariaDB', $told['versions']['database']);
        self::assertContains('originals', array_column($told['holds'], 'name'));
        self::assertSame(0, Artisan::call('planisher:status'));
        self::assertStringContainsString('versions php', Artisan::output());
    }

    /** What our messages quote and what addresses of a store end in are names of clients' files. */
    public function test_logs_name_no_files_of_clients(): void
    {
        $path = storage_path('logs/unnamed.log');
        config(['logging.channels.single' => ['driver' => 'single', 'path' => $path] + config('logging.channels.daily')]);
        app()->forgetInstance(LogManager::class);
        $away = new \RuntimeException(
            'Error executing "HeadObject" on "http://store.example:9000/studio/orders/2611-01_isholm/a.jpg"; 500',
        );
        $kept = new \RuntimeException('“orders/2611-01_isholm/a.jpg” isn’t kept any more.', 0, $away);
        Log::channel('single')->error("[abc] {$kept->getMessage()}", ['exception' => $kept]);
        Log::channel('single')->warning('“isholm-rowing-club_4x6.jpg” could not be written');
        $said = (string) file_get_contents($path);
        unlink($path);
        self::assertStringNotContainsString('isholm', $said);
        self::assertStringContainsString('http://store.example:9000/…', $said);
        self::assertMatchesRegularExpression('/^\[\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d.*[+-]\d\d:\d\d\]/m', $said, 'times have their zone');
    }

    public function test_logs_are_lines_of_json_when_asked(): void
    {
        $path = storage_path('logs/as.json.log');
        config(['logging.channels.json' => ['driver' => 'single', 'path' => $path, 'level' => 'debug'] + config('logging.channels.json')]);
        app()->forgetInstance(LogManager::class);
        Log::channel('json')->error('[abc] it broke', ['exception' => new \RuntimeException('it broke', 7)]);
        $line = json_decode((string) file_get_contents($path), true, flags: JSON_THROW_ON_ERROR);
        self::assertSame(['[abc] it broke', 'ERROR'], [$line['message'], $line['level_name']]);
        self::assertIsArray($line['context'], 'told as '.Discreet::class.' tells it');
        unlink($path);
    }
}
