<?php

declare(strict_types=1);

namespace Tests\app;

use App\Models\MadeFile;
use App\Models\Make;
use App\Models\Studio;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Planisher\State\FileState;
use Tests\SmallDisk;

/** A disk that is full is waited for: its files say so, and are made by themselves when there is room. */
final class NoRoomTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        config(['queue.default' => 'database']);
    }

    private function asked(): Make
    {
        $id = $this->postJson("/api/orders/{$this->order->id}/make", ['lines' => [$this->order->lines()->firstOrFail()->id]])
            ->assertCreated()
            ->json('id');

        return Make::query()->findOrFail((int) $id);
    }

    /** What a worker does, without waiting until it is time for it. */
    private static function work(): void
    {
        DB::table('jobs')->update(['available_at' => 0]);
        Artisan::call('queue:work', ['connection' => 'database', '--once' => true, '--queue' => 'default', '--memory' => 4096]);
    }

    private static function assertWaits(Make $make, string $says): void
    {
        $file = $make->files()->firstOrFail();
        self::assertSame([FileState::Waiting, null], [$file->state, $file->held_by]);
        self::assertStringContainsString($says, (string) $file->error);
        self::assertStringEndsWith('It goes on by itself.', (string) $file->error);
        self::assertSame(
            1,
            DB::table('jobs')
                ->where('available_at', '>', time() + 2)
                ->count(),
            'it comes again, later',
        );
    }

    private static function assertMade(Make $make): MadeFile
    {
        $file = $make->files()->with('make')->firstOrFail();
        self::assertSame([FileState::Made, null, null], [$file->state, $file->error, $file->held_by]);
        self::assertSame($file->sha256, hash_file('sha256', $file->path()));
        self::assertSame([], glob(dirname($file->path()).'/.*.part') ?: [], 'nothing half-written stays');

        return $file;
    }

    public function test_a_file_that_is_made_and_one_that_was_made_before_wait_for_room(): void
    {
        $this->pass($this->line())->assertOk();
        foreach (['The disk is full' => null, 'It was made before, and couldn’t be copied' => 'taken over'] as $says => $takenOver) {
            $make = $this->asked();
            $disk = (new SmallDisk(storage_path("app/orders/{$make->folder}"), '4k'))->isFull();
            try {
                self::work();
                self::assertWaits($make, $says);
                self::work();
                self::assertWaits($make, $says);
                $disk->hasRoom();
                self::work();
                $file = self::assertMade($make);
                self::assertSame($takenOver !== null, $file->made_before !== null);
                $bytes = (string) file_get_contents($file->path());
            } finally {
                $disk->gone();
            }
            is_dir(dirname($file->path())) || mkdir(dirname($file->path()), recursive: true);
            file_put_contents($file->path(), $bytes); // what was on the small disk
        }
    }

    public function test_a_full_export_folder_is_waited_for(): void
    {
        $folder = sys_get_temp_dir().'/planisher-export-'.getmypid();
        $disk = (new SmallDisk($folder, '4k'))->isFull();
        try {
            Studio::current()
                ->fill(['export_folder' => $folder])
                ->save();
            $this->pass($this->line())->assertOk();
            $make = $this->asked();
            self::work();
            self::assertWaits($make, "the disk of the export folder “{$folder}” is full");
            $disk->hasRoom();
            self::work();
            $file = self::assertMade($make);
            self::assertSame($file->sha256, hash_file('sha256', "{$folder}/{$make->folder}/{$file->name}"));
        } finally {
            $disk->gone();
            @rmdir($folder);
        }
    }

    public function test_what_has_waited_for_hours_is_still_made(): void
    {
        $this->pass($this->line())->assertOk();
        $make = $this->asked();
        DB::table('jobs')->update(['attempts' => 5000]);
        self::work();
        self::assertMade($make);
    }
}
