<?php

declare(strict_types=1);

namespace Tests\app;

use App\Files\CannotKeep;
use App\Files\Disk;
use App\Files\DiskAway;
use App\Files\RemoteDisk;
use App\Models\Make;
use App\Models\Parcel;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Planisher\State\FileState;

/** The studio's files on an S3-compatible store that isn't ours (s3rver): the same bytes, the same promises as on a disk of one's own. */
final class RemoteDiskTest extends TestCase
{
    private static SimulatedStore $store;

    public static function setUpBeforeClass(): void
    {
        parent::setUpBeforeClass();
        self::$store = SimulatedStore::open();
    }

    public static function tearDownAfterClass(): void
    {
        self::$store->close();
        parent::tearDownAfterClass();
    }

    protected function setUp(): void
    {
        parent::setUp();
        self::$store->takes();
    }

    private static function disk(): Disk
    {
        $disk = app(Disk::class);
        self::assertInstanceOf(RemoteDisk::class, $disk);

        return $disk;
    }

    private static function made(string $content): string
    {
        $path = storage_path('app/uploads/'.bin2hex(random_bytes(6)));
        file_put_contents($path, $content);

        return $path;
    }

    public function test_what_is_kept_comes_back_whole_with_its_sum(): void
    {
        $disk = self::disk();
        $large = random_bytes(20_000_000); // sent in several parts
        $disk->keep(self::made($large), 'orders/a/b.jpg');
        $sum = hash('sha256', $large);
        $stamp = $disk->stamp('orders/a/b.jpg');
        self::assertSame([20_000_000, $sum], [$stamp?->bytes, $stamp?->sha256]);
        self::assertTrue($disk->isWhole('orders/a/b.jpg', $sum));
        self::assertSame($sum, hash_file('sha256', $disk->path('orders/a/b.jpg')));
        self::assertSame(['orders/a/b.jpg'], array_keys(iterator_to_array($disk->all('orders'))));
        self::assertTrue($disk->isTaken('orders/a'));
        $disk->repeat('orders/a/b.jpg', 'parcels/1/b.jpg', $sum);
        $disk->clear('orders/a');
        self::assertFalse($disk->isTaken('orders/a'));
        self::assertSame([false, true], [$disk->has('orders/a/b.jpg'), $disk->isWhole('parcels/1/b.jpg', $sum)], 'its sum went along');
        self::assertFileDoesNotExist($disk->path('orders/a/b.jpg'));
    }

    public function test_what_goes_between_being_seen_and_being_fetched_is_gone_and_the_store_is_not_away(): void
    {
        $disk = self::disk();
        $sum = hash('sha256', 'seen a moment ago');
        foreach (['path', 'hand'] as $asked) {
            $disk->keep(self::made('seen a moment ago'), "pictures/{$asked}.jpg");
            self::assertSame($sum, $disk->stamp("pictures/{$asked}.jpg")?->sha256, 'seen, and remembered for a while');
            Storage::disk('s3')->delete("pictures/{$asked}.jpg");
        }
        self::assertFileDoesNotExist($disk->path('pictures/path.jpg'));
        $to = storage_path('app/handed.jpg');
        self::assertFalse($disk->hand('pictures/hand.jpg', $to, $sum));
        self::assertFileDoesNotExist($to);
        self::assertSame([false, false], [$disk->has('pictures/path.jpg'), $disk->has('pictures/hand.jpg')]);
    }

    public function test_what_is_made_is_settled_once_and_overwrites_nothing(): void
    {
        $disk = self::disk();
        $make = function (string $content) use ($disk): void {
            file_put_contents($disk->workshop('orders/a/b.jpg'), $content);
            $disk->settle('orders/a/b.jpg', hash('sha256', $content));
        };
        $make('one');
        $make('one');
        try {
            $make('another');
            self::fail('It was overwritten.');
        } catch (CannotKeep $e) {
            self::assertStringContainsString('Nothing is overwritten', $e->getMessage());
        }
        self::assertStringEqualsFile($disk->path('orders/a/b.jpg'), 'one');
    }

    /** @return iterable<string, array{string, bool}> */
    public static function withoutSum(): iterable
    {
        yield 'nothing of it' => ['', false];
        yield 'its beginning' => ['hal', false];
        yield 'all of it' => ['half', false];
        yield 'another' => ['hel', true];
        yield 'more than it' => ['halfway', true];
    }

    /** A store that lost power left a beginning of what it was sent. What was put there by hand is kept, beside. */
    #[DataProvider('withoutSum')]
    public function test_what_carries_no_sum_is_replaced_where_it_is_a_beginning_and_kept_otherwise(string $there, bool $isKept): void
    {
        $disk = self::disk();
        foreach (['settle', 'repeat'] as $way) {
            $key = "orders/{$way}/c.jpg";
            Storage::disk('s3')->put($key, $there);
            if ($way === 'settle') {
                file_put_contents($disk->workshop($key), 'half');
                $disk->settle($key);
            } else {
                $disk->repeat('orders/settle/c.jpg', $key, hash('sha256', 'half'));
            }
            self::assertSame(['half', hash('sha256', 'half')], [Storage::disk('s3')->get($key), $disk->stamp($key)?->sha256]);
            self::assertSame($isKept ? $there : null, $disk->has("{$key}.damaged-1") ? Storage::disk('s3')->get("{$key}.damaged-1") : null);
        }
    }

    public function test_a_file_that_was_altered_in_the_store_is_never_taken_for_what_it_was(): void
    {
        $disk = self::disk();
        $disk->keep(self::made('what was made'), 'orders/a/b.jpg');
        $sum = hash('sha256', 'what was made');
        Storage::disk('s3')->put('orders/a/b.jpg', 'what was male', ['Metadata' => ['sha256' => $sum]]);
        self::assertNotSame($sum, hash_file('sha256', $disk->path('orders/a/b.jpg')));
        Storage::disk('s3')->put('orders/a/b.jpg', 'what was male');
        self::assertFalse($disk->isWhole('orders/a/b.jpg', $sum));
    }

    private function six(): void
    {
        for ($n = 0; $n < 6; $n++) {
            $this->pass($this->line(['4 x 6 in', '8 x 10 in'][$n % 2]))->assertOk();
        }
    }

    private function make(): Make
    {
        $id = $this->postJson("/api/orders/{$this->order->id}/make")
            ->assertCreated()
            ->json('id');

        return Make::query()->findOrFail((int) $id);
    }

    /** @return array<string, string> by name, of what the store has */
    private static function sums(Make $make): array
    {
        $sums = [];
        foreach (Storage::disk('s3')->files($make->home()) as $key) {
            $sums[basename($key)] = hash('sha256', (string) Storage::disk('s3')->get($key));
        }
        ksort($sums);

        return $sums;
    }

    public function test_an_order_is_made_packed_and_downloaded_from_a_store_as_from_a_disk(): void
    {
        $this->six();
        $make = $this->make();
        $told = $make->files->pluck('sha256', 'name')->all();
        ksort($told);
        self::assertSame($told, self::sums($make));
        self::assertSame([], glob(storage_path('app/orders/*')) ?: [], 'nothing of it is kept here');
        $below = fn (TestResponse $answer): string => storage_path(
            'app/'.substr((string) $answer->assertOk()->headers->get('X-Accel-Redirect'), strlen('/_private/')),
        );
        $zip = new \ZipArchive();
        self::assertTrue($zip->open($below($this->get("/api/makes/{$make->id}/zip"))));
        foreach ($told as $name => $sha256) {
            self::assertSame($sha256, hash('sha256', (string) $zip->getFromName($name)));
        }
        $file = $make->files[0] ?? self::fail('It has files.');
        self::assertSame($file->sha256, hash_file('sha256', $below($this->get("/api/files/{$file->id}"))));
        $sha256 = $this->order->pictures()->firstOrFail()->picture->sha256;
        self::assertNotFalse(getimagesize($below($this->get("/api/pictures/{$sha256}/thumb"))));
        $line = (array) $this->getJson("/api/orders/{$this->order->id}")->json('lines.0');
        self::assertSame('made', $line['state']);

        $this->postJson("/api/orders/{$this->order->id}/parcels")->assertCreated();
        $parcel = Parcel::query()->with('files.parcel')->sole();
        $sums = (string) Storage::disk('s3')->get($parcel->key('SHA256SUMS'));
        foreach ($parcel->files as $one) {
            self::assertStringContainsString("{$one->sha256}  {$one->name}", $sums);
            self::assertSame($one->sha256, hash('sha256', (string) Storage::disk('s3')->get($one->key())));
        }
        $pdf = (string) Storage::disk('s3')->get($parcel->key('job-sheet.pdf'));
        self::assertStringContainsString('/Subtype /Image', $pdf, 'its pictures are on the job sheet');

        // One that was altered there is told, and made again by one press; the altered one is kept beside.
        $file->load('make');
        Storage::disk('s3')->put($file->key(), 'altered');
        $this->postJson("/api/files/{$file->id}/again")->assertOk();
        self::assertSame($file->sha256, hash('sha256', (string) Storage::disk('s3')->get($file->key())));
        self::assertSame('altered', Storage::disk('s3')->get("{$file->key()}.damaged-1"));
    }

    public function test_a_store_that_loses_power_in_the_middle_of_making_is_waited_for(): void
    {
        $this->six();
        $made = 0;
        DB::listen(function (QueryExecuted $query) use (&$made): void {
            if (
                str_starts_with($query->sql, 'update `made_files`') &&
                in_array(FileState::Made->value, $query->bindings, true) &&
                ++$made === 2
            ) {
                self::$store->losePower();
            }
        });
        $make = $this->make(); // it is asked for, and answered, whatever becomes of the store meanwhile
        self::assertContains(FileState::Waiting, $make->files()->pluck('state')->all(), 'not all was made before');
        self::assertStringContainsString('can’t be reached', (string) $make->files()->where('state', 'waiting')->value('error'));
        self::$store->start();
        Carbon::setTestNow(Carbon::now()->addSeconds(90));
        self::assertSame(0, Artisan::call('planisher:recover'));
        self::assertSame([FileState::Made], $make->files()->pluck('state')->unique()->values()->all());
        $told = $make->files()->pluck('sha256', 'name')->all();
        ksort($told);
        self::assertSame($told, self::sums($make));
    }

    public function test_a_store_that_is_away_is_said_to_be_away_and_nothing_is_missing(): void
    {
        $this->line();
        self::$store->losePower();
        try {
            self::disk()->has('orders/a/b.jpg');
            self::fail('Nobody answers there.');
        } catch (DiskAway $e) {
            self::assertStringContainsString('Nothing is lost', $e->getMessage());
        } finally {
            self::$store->start();
        }
        self::assertFalse(self::disk()->has('orders/a/b.jpg'));
    }
}
