<?php

declare(strict_types=1);

namespace Tests\app;

use App\Lines\KeptLineViews;
use App\Lines\MeasureOrder;
use App\Models\Line;
use App\Models\Order;
use App\Models\Picture;
use App\Views\CodeVersion;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Queue;

/**
 * A line is told as it was kept only while all that it comes from is the same. Every other test of the application holds what is kept
 * against what is worked (KeptLines); here it is told apart which of both was given.
 */
final class KeptLineViewsTest extends TestCase
{
    private const MARK = 'as it was kept';

    protected function setUp(): void
    {
        parent::setUp();
        foreach (range(1, 10) as $n) {
            $this->line(picture: $n % 2 === 0 ? 'gulls.jpg' : 'dawn-boat.jpg'); // more than are worked anew each time
        }
        config(['planisher.lines.workedAnew' => 8]);
        $this->holdsKept = false; // it alters what is kept
    }

    /** @return list<int> numbers of the lines that aren't worked: what is kept of all is altered first, so that it shows */
    private function kept(?callable $change = null): array
    {
        $lines = app(KeptLineViews::class);
        $lines->of(Order::query()->findOrFail($this->order->id));
        $key = "lines-of-{$this->order->id}-".CodeVersion::now();
        $marked = fn (array $of): array => [
            'json' => (string) json_encode(['short' => self::MARK] + (array) json_decode($of['json'], true)),
        ] + $of;
        $kept = unserialize((string) gzinflate((string) base64_decode((string) Cache::get($key))));
        Cache::put($key, base64_encode((string) gzdeflate(serialize(array_map($marked, $kept)))));
        $change === null || $change();
        $now = (array) $this->getJson("/api/orders/{$this->order->id}")
            ->assertOk()
            ->json('lines');

        return array_values(array_column(array_filter($now, fn (array $line): bool => $line['short'] === self::MARK), 'number'));
    }

    public function test_what_nobody_changed_is_not_worked(): void
    {
        self::assertSame(range(1, 10), $this->kept());
    }

    public function test_of_an_order_that_nobody_changed_no_line_is_read(): void
    {
        $sheet = fn () => $this->getJson("/api/orders/{$this->order->id}")->assertOk();
        $sheet();
        $sheet(); // what became of their colours has been measured meanwhile
        $read = 0;
        Line::retrieved(function () use (&$read): void {
            $read++;
        });
        $sheet();
        self::assertSame(0, $read);
        $this->change(Line::query()->where('number', 3)->firstOrFail(), ['copies' => 2])->assertOk();
        $read = 0;
        $sheet();
        self::assertGreaterThan(0, $read);
    }

    public function test_a_change_of_one_works_that_one(): void
    {
        $third = Line::query()->where('number', 3)->firstOrFail();
        self::assertSame([1, 2, 4, 5, 6, 7, 8, 9, 10], $this->kept(fn () => $this->change($third, ['copies' => 2])->assertOk()));
    }

    public function test_whatever_they_all_come_from_works_them_all(): void
    {
        $lab = $this->order->lab;
        $changes = [
            'the lab’s card' => fn () => $lab->update(['card' => ['ppi' => 200] + $lab->card]),
            'the lab’s name' => fn () => $lab->update(['name' => 'Larkmoor & Sons']),
            'the order’s title' => fn () => $this->patchJson("/api/orders/{$this->order->id}", ['title' => 'Spring'])->assertOk(),
            'the studio’s unit' => function (): void {
                $this->patchJson('/api/studio', ['unit' => 'cm'])->assertOk();
                app()->forgetScopedInstances(); // as between two requests
            },
        ];
        foreach ($changes as $what => $change) {
            self::assertSame([], $this->kept($change), $what);
        }
    }

    public function test_what_is_of_a_picture_works_its_lines(): void
    {
        $picture = Picture::query()
            ->whereKey(Line::query()->where('number', 2)->firstOrFail()->pictureAt(0)?->picture_id)
            ->firstOrFail();
        $others = [1, 3, 5, 7, 9];
        $area = ['x' => 0.1, 'y' => 0.1, 'width' => 0.2, 'height' => 0.2];
        self::assertSame($others, $this->kept(fn () => $picture->update(['must_stay_in' => [$area]])), 'what must stay in');
        $files = File::allFiles(storage_path('app/pictures'));
        $its = array_values(array_filter($files, fn ($file): bool => str_starts_with($file->getFilename(), $picture->sha256)))[0];
        self::assertSame($others, $this->kept(fn () => unlink($its->getPathname())), 'its file, gone');
    }

    public function test_what_was_measured_meanwhile_is_told(): void
    {
        $measure = fn () => (new MeasureOrder($this->order->id))->handle(
            ...array_map(app(...), [\App\Lines\Computation::class, \App\Views\KeptLosses::class]),
        );
        self::assertSame([], $this->kept($measure));
        Queue::fake();
        self::assertSame(range(1, 10), $this->kept());
        Queue::assertNothingPushed();
    }
}
