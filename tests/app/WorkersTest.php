<?php

declare(strict_types=1);

namespace Tests\app;

use App\Making\MakeFiles;
use App\Models\Line;
use App\Models\MadeFile;
use App\Models\Make;
use App\Workers\Holder;
use App\Workers\Machines;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Redis;
use Planisher\State\FileState;
use Planisher\State\LineState;

/** Workers die, machines are cut off, queues lose what they had: what they held is done by others, once. */
final class WorkersTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        config(['queue.default' => 'database']);
    }

    /** @return list<MadeFile> waiting, of a line each */
    private function waiting(int $lines = 2): array
    {
        foreach (array_slice(['4 x 6 in', '8 x 10 in'], 0, $lines) as $size) {
            $this->pass($this->line($size))->assertOk();
        }
        $id = $this->postJson("/api/orders/{$this->order->id}/make")
            ->assertCreated()
            ->json('id');

        return array_values(Make::query()->findOrFail((int) $id)->files->all());
    }

    /** A worker has it, and its job. */
    private static function has(string $holder, MadeFile $file): int
    {
        $job = DB::table('jobs')
            ->where('payload', 'like', "%i:0;i:{$file->id};%")
            ->sole();
        DB::table('jobs')
            ->where('id', $job->id)
            ->update(['reserved_at' => time(), 'attempts' => 1]);
        DB::table('jobs_in_hand')->insert([
            'holder' => $holder,
            'queue' => 'default',
            'job_id' => (string) $job->id,
            'payload' => $job->payload,
        ]);
        $file->update(['state' => FileState::Making, 'held_by' => "{$holder}:{$job->id}"]);

        return (int) $job->id;
    }

    private static function work(string $queue = 'database'): void
    {
        Artisan::call('queue:work', ['connection' => $queue, '--stop-when-empty' => true, '--queue' => 'default', '--memory' => 4096]);
    }

    public function test_what_a_dead_worker_held_is_handed_back_and_what_a_living_one_holds_is_not(): void
    {
        [$dead, $alive] = $this->waiting();
        $gone = Holder::of(Holder::thisMachine().':4194303-1')->mark(); // above the kernel's highest number in use
        $jobs = [self::has($gone, $dead), self::has(Holder::me()->mark(), $alive)];
        self::assertSame(0, Artisan::call('planisher:recover'));
        self::assertStringContainsString("Handed back file {$dead->id}", Artisan::output());
        self::assertSame([FileState::Waiting, FileState::Making], [$dead->refresh()->state, $alive->refresh()->state]);
        self::assertSame([$jobs[1]], DB::table('jobs')->where('reserved_at', '>', 0)->pluck('id')->all(), 'the living one’s alone');
        self::work();
        self::assertSame([FileState::Made, FileState::Making], [$dead->refresh()->state, $alive->refresh()->state]);
    }

    /** What is watched says which file by its number: its name has the client's in it. Times have their zone (RFC 3339). */
    public function test_what_is_watched_is_told_without_names(): void
    {
        [$dead] = $this->waiting(1);
        self::has(Holder::of(Holder::thisMachine().':4194303-1')->mark(), $dead);
        Artisan::call('planisher:recover');
        $said = trim(Artisan::output());
        self::assertMatchesRegularExpression('/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d[+-]\d\d:\d\d Handed back file \d+,/', $said);
        self::assertStringNotContainsString('isholm', strtolower($said));
    }

    /** A copy of an instance beside its original: what the original's workers hold isn't held here, though they live. */
    public function test_what_the_worker_of_another_instance_of_this_machine_holds_is_given_out(): void
    {
        [$file] = $this->waiting(1);
        $mark = preg_replace('~/[0-9a-f]+:~', '/original:', Holder::me()->mark());
        self::has((string) $mark, $file);
        Artisan::call('planisher:recover');
        self::assertSame(FileState::Waiting, $file->refresh()->state);
    }

    /** A job's limit goes with what it makes, and is heeded in place of the queue's. */
    public function test_large_sets_have_the_time_they_need(): void
    {
        $wall = 12 * 12_000 * 18_000; // twelve panels of 40 × 60 in at 300 ppi
        self::assertSame(600, (new MakeFiles([1]))->timeout);
        self::assertGreaterThan(3 * 3600, (new MakeFiles([1], $wall))->timeout);
        [$file] = $this->waiting(1);
        $queued = json_decode((string) DB::table('jobs')->value('payload'), true);
        self::assertSame(600 + intdiv($file->pixels, 200_000), $queued['timeout']);
        $longest = (new MakeFiles([1], PHP_INT_MAX))->timeout;
        self::assertGreaterThan($longest, config('queue.connections.database.retry_after'), 'nor is it given out again meanwhile');
        self::assertGreaterThan($longest, config('queue.connections.redis.retry_after'));
    }

    public function test_a_number_that_another_process_has_by_now_is_no_sign_of_life(): void
    {
        [$file] = $this->waiting(1);
        self::has(Holder::of(Holder::thisMachine().':'.getmypid().'-1')->mark(), $file);
        Artisan::call('planisher:recover');
        self::assertSame(FileState::Waiting, $file->refresh()->state);
    }

    public function test_a_machine_that_says_nothing_any_more_is_taken_for_dead_within_a_minute(): void
    {
        [$cut, $well] = $this->waiting();
        self::has('darkroom:7-1', $cut);
        self::has('attic:7-1', $well);
        $said = fn (string $machine, int $ago) => DB::insert(
            'insert into machines (name, seen_at, workers) values (?, now(3) - interval ? second, 2)',
            [$machine, $ago],
        );
        $said('darkroom', Machines::GONE_SECONDS + 1);
        $said('attic', Machines::GONE_SECONDS - 5);
        Artisan::call('planisher:recover');
        self::assertSame([FileState::Waiting, FileState::Making], [$cut->refresh()->state, $well->refresh()->state]);
        self::assertLessThan(60, Machines::GONE_SECONDS + 2 * Machines::BEAT_SECONDS);
        self::work();
        self::assertSame(FileState::Made, $cut->refresh()->state);
    }

    public function test_a_machine_that_comes_back_doesn_t_count_for_what_was_given_to_another(): void
    {
        [$file] = $this->waiting(1);
        $file->update(['state' => FileState::Making, 'held_by' => 'darkroom:7-1:1']);
        $before = clone $file;
        $file->update(['held_by' => 'attic:9-1:2']);
        $letGo = new \ReflectionMethod(MakeFiles::class, 'letGo');
        $letGo->invoke(null, $before, FileState::Failed, ['error' => 'It came too late.']);
        self::assertSame([FileState::Making, null], [$file->refresh()->state, $file->error]);
        $letGo->invoke(null, $file, FileState::Made, ['sha256' => str_repeat('a', 64)]);
        self::assertSame([FileState::Made, null], [$file->refresh()->state, $file->held_by]);
        self::assertSame(LineState::Made, $file->line->state);
    }

    public function test_a_job_that_takes_every_worker_with_it_is_given_up_and_said(): void
    {
        [$file] = $this->waiting(1);
        for ($n = 1; $n <= 5; $n++) {
            self::assertSame(FileState::Waiting, $file->refresh()->state);
            self::has("darkroom:{$n}-1", $file);
            Artisan::call('planisher:recover');
        }
        self::assertSame(FileState::Failed, $file->refresh()->state);
        self::assertStringContainsString('stopped several times on this file', (string) $file->error);
        self::assertSame(0, DB::table('jobs')->count());
    }

    /** It died, or lost the database, between taking a job and noting that it has it. */
    public function test_a_job_that_was_taken_and_never_noted_is_given_to_another(): void
    {
        [$file] = $this->waiting(1);
        DB::table('jobs')->update(['reserved_at' => time() - 5, 'attempts' => 1]);
        Artisan::call('planisher:recover');
        self::work();
        self::assertSame(FileState::Waiting, $file->refresh()->state, 'a moment is nothing');
        DB::table('jobs')->update(['reserved_at' => time() - 20]);
        Artisan::call('planisher:recover');
        self::work();
        self::assertSame(FileState::Made, $file->refresh()->state);
        self::assertSame(0, DB::table('jobs')->where('queue', 'default')->count());

        [$other] = $this->waiting(1);
        $job = self::has(Holder::me()->mark(), $other);
        DB::table('jobs')
            ->where('id', $job)
            ->update(['reserved_at' => time() - 600]);
        Artisan::call('planisher:recover');
        self::assertSame(1, DB::table('jobs')->where('id', $job)->whereNotNull('reserved_at')->count(), 'what is noted is somebody’s');
    }

    public function test_what_the_queue_has_lost_is_put_there_again(): void
    {
        [$file, $other] = $this->waiting();
        DB::table('jobs')->delete();
        Artisan::call('planisher:recover');
        self::assertSame(0, DB::table('jobs')->count(), 'a moment is nothing');
        $this->postJson("/api/makes/{$other->make_id}/pause")->assertNoContent();
        Carbon::setTestNow(Carbon::now()->addSeconds(90));
        Artisan::call('planisher:recover');
        self::assertSame(0, DB::table('jobs')->count(), 'what is paused waits');
        $this->postJson("/api/makes/{$other->make_id}/go-on")->assertNoContent();
        DB::table('jobs')->delete();
        Carbon::setTestNow(Carbon::now()->addSeconds(90));
        Artisan::call('planisher:recover');
        self::assertSame(2, DB::table('jobs')->count());
        self::work();
        self::assertSame([FileState::Made, FileState::Made], [$file->refresh()->state, $other->refresh()->state]);
    }

    public function test_on_redis_too_a_queue_that_loses_power_loses_nothing(): void
    {
        $folder = sys_get_temp_dir().'/redis-'.getmypid();
        @mkdir($folder);
        $redis = new Served(
            Served::freePort(),
            fn (int $port): array => ['redis-server', '--port', (string) $port, '--dir', $folder, '--save', '', '--appendonly', 'no'],
        );
        $redis->start();
        try {
            config(['queue.default' => 'redis', 'database.redis.client' => 'predis', 'database.redis.default.port' => $redis->port]);
            Redis::purge('default');
            [$file] = $this->waiting(1);
            self::assertSame(1, Queue::size('default'));
            self::work('redis');
            self::assertSame([FileState::Made, 0], [$file->refresh()->state, Queue::size('default')]);

            // It is away while making is asked for, and comes back with nothing.
            $redis->losePower();
            $line = $file->line;
            $this->change($line, ['size' => '5 x 7 in'])->assertOk();
            $this->pass($line->refresh())->assertOk();
            $id = $this->postJson("/api/orders/{$this->order->id}/make")
                ->assertCreated()
                ->json('id');
            $redis->start();
            Redis::purge('default');
            self::assertSame(0, Queue::size('default'));
            Carbon::setTestNow(Carbon::now()->addSeconds(90));
            Artisan::call('planisher:recover');
            self::assertSame(1, Queue::size('default'));

            // A worker has taken it, and dies before it could note that.
            Queue::connection()->pop('default');
            self::assertSame(0, Queue::pendingSize('default'));
            Carbon::setTestNow(Carbon::now()->addSeconds(90));
            Artisan::call('planisher:recover');
            self::assertSame(1, Queue::pendingSize('default'));

            // A worker has it, and dies: its job comes again, and the file is made once.
            $late = MadeFile::query()->where('make_id', $id)->sole();
            $job = Queue::connection()->pop('default') ?? self::fail('It is there.');
            $late->update(['state' => FileState::Making, 'held_by' => "darkroom:7-1:{$job->getJobId()}"]);
            DB::table('jobs_in_hand')->insert([
                'holder' => 'darkroom:7-1',
                'queue' => 'default',
                'job_id' => $job->getJobId(),
                'payload' => $job->getRawBody(),
            ]);
            Artisan::call('planisher:recover');
            self::work('redis');
            self::assertSame(FileState::Made, $late->refresh()->state);
            Carbon::setTestNow(Carbon::now()->addHours(7));
            self::work('redis');
            self::assertSame(
                [FileState::Made, 0],
                [$late->refresh()->state, Queue::size('default')],
                'the dead one’s own comes to nothing',
            );
        } finally {
            $redis->losePower();
            array_map(unlink(...), glob("{$folder}/*") ?: []);
            rmdir($folder);
        }
    }
}
