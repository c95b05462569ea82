<?php

declare(strict_types=1);

namespace Tests\attack;

use Planisher\Imaging\Vips\Image;
use Planisher\Imaging\Vips\Interpretation;
use Tests\Person;

/** Many people at once on the same lines, and many uploads at once: nothing is lost, nothing is there twice. */
final class ManyAtOnceTest extends Attack
{
    private const READERS = 20;

    private const CHANGES = 200;

    private const PIECE = 4_194_304;

    private static ?Person $first = null;

    private static function wren(): Person
    {
        return self::$first?->again() ?? self::fail('Nobody is signed in.');
    }

    protected function setUp(): void
    {
        parent::setUp();
        self::$first ??= new Person(self::address(), self::LONGEST_SECONDS);
        self::assertSame(200, self::$first->ask('POST', '/api/sign-in', self::WREN)->status);
    }

    /**
     * Does things at once, each in a process of its own.
     *
     * @param  array<string, callable(): mixed>  $each
     * @return array<string, mixed> what each gave, by name
     */
    private function atOnce(array $each): array
    {
        $pids = [];
        foreach ($each as $name => $do) {
            $pid = pcntl_fork();
            if ($pid === 0) {
                try {
                    $gave = $do();
                } catch (\Throwable $e) {
                    $gave = $e->getMessage();
                }
                file_put_contents("{$this->folder}/{$name}.gave", serialize($gave));
                posix_kill((int) getmypid(), SIGKILL); // nothing of this test's is taken down by it
            }
            $pids[$name] = $pid;
        }
        $gave = [];
        foreach ($pids as $name => $pid) {
            pcntl_waitpid($pid, $status);
            $gave[$name] = unserialize((string) file_get_contents("{$this->folder}/{$name}.gave"));
        }

        return $gave;
    }

    public function test_two_writers_and_twenty_readers_lose_nothing(): void
    {
        $order = self::order();
        self::assertSame(201, self::upload($order, $this->picture('both.jpg', 600, 400))->status);
        $lines = array_map(fn (): int => (int) self::line($order, '4 x 6 in', 'both.jpg')['id'], range(1, 5));
        $before = array_column((array) self::asWren('GET', "/api/orders/{$order}")->json('lines'), 'version', 'id');
        $until = "{$this->folder}/written";
        $each = [];
        for ($n = 1; $n <= self::READERS; $n++) {
            $each["reader-{$n}"] = function () use ($order, $until, $n): int {
                $person = self::wren();
                for ($reads = 0; ! is_file($until); $reads++) {
                    self::assertSame(200, $person->ask('GET', "/api/orders/{$order}")->status);
                    usleep(4_000_000 + intdiv(2_000_000 * $n, self::READERS)); // as often as a page asks by itself (LOOK_EVERY_MS)
                }

                return $reads;
            };
        }
        foreach (
            ['copies' => fn (int $n): int => $n + 1, 'window' => fn (int $n): array => ['x' => $n / 1000, 'tight' => 2]] as $word => $value
        ) {
            $each[$word] = fn (): array => self::writes(self::wren(), $order, $lines, $word, $value);
        }
        $each['watch'] = function () use ($until): bool {
            while (! is_file("{$this->folder}/copies.gave") || ! is_file("{$this->folder}/window.gave")) {
                usleep(50_000);
            }

            return touch($until);
        };
        $gave = $this->atOnce($each);
        self::assertIsArray($gave['copies'], json_encode($gave['copies']) ?: '');
        self::assertIsArray($gave['window'], json_encode($gave['window']) ?: '');
        self::assertSame([self::CHANGES, self::CHANGES], [count($gave['copies']['took']), count($gave['window']['took'])]);
        $after = array_column((array) self::asWren('GET', "/api/orders/{$order}")->json('lines'), null, 'id');
        $versions = 0;
        foreach ($lines as $line) {
            $versions += $after[$line]['version'] - $before[$line];
            $wanted = json_decode((string) self::asked("select wanted from `lines` where id = {$line}")[0], true);
            self::assertSame($gave['copies']['last'][$line], $wanted['copies'] ?? 1, 'what the one said last');
            self::assertEqualsWithDelta(
                $gave['window']['last'][$line]['x'],
                $wanted['window']['x'] ?? 0.5,
                1e-9,
                'what the other said last',
            );
        }
        self::assertSame(2 * self::CHANGES, $versions, 'each change is there once');
        $times = [...$gave['copies']['took'], ...$gave['window']['took']];
        sort($times);
        $reads = array_sum(
            array_filter(array_intersect_key($gave, array_flip(preg_grep('/^reader/', array_keys($gave)) ?: [])), is_int(...)),
        );
        fprintf(
            STDOUT,
            "\n  %d changes beside %d readings: middle %.0f ms, p95 %.0f ms; %d times told that the other was first\n",
            2 * self::CHANGES,
            $reads,
            1000 * $times[intdiv(count($times), 2)],
            1000 * $times[(int) (0.95 * count($times))],
            $gave['copies']['told'] + $gave['window']['told'],
        );
        self::assertGreaterThanOrEqual(self::READERS, $reads);
    }

    /** Making gives way: twenty people who change a line each wait no more than twice as long while files are made. */
    public function test_changes_beside_making_take_at_most_twice_as_long(): void
    {
        $order = self::order();
        self::assertSame(201, self::upload($order, $this->picture('many.jpg', 1200, 800))->status);
        $lines = array_map(fn (): int => (int) self::line($order, '4 x 6 in', 'many.jpg')['id'], range(1, 20));
        $made = self::order();
        Image::gaussianNoise(3000, 2000, 40.0)
            ->run('linear1', [1.0, 128.0], ['uchar' => true])
            ->save('jpegsave', "{$this->folder}/large.jpg", []);
        self::assertSame(201, self::upload($made, "{$this->folder}/large.jpg")->status);
        for ($n = 0; $n < 24; $n++) {
            $line = self::line($made, '16 x 20 in', 'large.jpg', ['output' => ['ppi' => 300]]);
            $passed = self::asWren('POST', "/api/lines/{$line['id']}/pass", ['version' => $line['version']]);
            self::assertSame(200, $passed->status, $passed->body);
        }
        $changes = function () use ($order, $lines): array {
            $each = [];
            foreach ($lines as $n => $line) {
                $each["person-{$n}"] = fn (): array => self::writes(
                    self::wren(),
                    $order,
                    [$line],
                    'copies',
                    fn (int $n): int => 1 + ($n % 9),
                    12,
                )['took'];
            }
            $took = array_merge(...array_values($this->atOnce($each)));
            sort($took);

            return [$took[intdiv(count($took), 2)], $took[(int) (0.95 * count($took))]];
        };
        $changes();
        $alone = $changes();
        self::assertSame(201, self::asWren('POST', "/api/orders/{$made}/make")->status);
        $isMaking = fn (): bool => in_array(
            'making',
            array_column((array) self::asWren('GET', "/api/orders/{$made}/make")->json('makes.0.files'), 'state'),
            true,
        );
        for ($until = microtime(true) + 20; ! $isMaking() && microtime(true) < $until; usleep(100_000));
        $beside = $changes();
        self::assertTrue($isMaking(), 'files are still being made');
        self::asWren('POST', '/api/makes/'.self::asWren('GET', "/api/orders/{$made}/make")->json('makes.0.id').'/stop');
        fprintf(
            STDOUT,
            "\n  a change of twenty people's: middle %.0f ms and p95 %.0f ms alone, %.0f ms and %.0f ms beside making\n",
            ...array_map(fn (float $seconds): float => 1000 * $seconds, [...$alone, ...$beside]),
        );
        self::assertLessThan(2.0 * $alone[0], $beside[0]);
        self::assertLessThan(2.0 * $alone[1], $beside[1]);
    }

    /**
     * Changes a word of the lines by turns; where somebody was first it is told so, sees the line as it is, and says it once more.
     *
     * @param  list<int>  $lines
     * @param  callable(int): mixed  $value
     * @return array{took: list<float>, last: array<int, mixed>, told: int}
     */
    private static function writes(
        Person $person,
        int $order,
        array $lines,
        string $word,
        callable $value,
        int $changes = self::CHANGES,
    ): array {
        $versions = array_column((array) $person->ask('GET', "/api/orders/{$order}")->json('lines'), 'version', 'id');
        [$took, $last, $told] = [[], [], 0];
        for ($n = 1; $n <= $changes; $n++) {
            $line = $lines[$n % count($lines)];
            for (; ;) {
                $answer = $person->ask('PATCH', "/api/lines/{$line}", ['version' => $versions[$line], 'change' => [$word => $value($n)]]);
                if ($answer->status !== 409) {
                    break;
                }
                $told++;
                $versions[$line] = $answer->json('line.version');
            }
            self::assertSame(200, $answer->status, $answer->body);
            $versions[$line] = $answer->json('version');
            $last[$line] = $value($n);
            $took[] = $answer->seconds;
        }

        return ['took' => $took, 'last' => $last, 'told' => $told];
    }

    public function test_a_hundred_uploads_at_once_one_of_390_mb_and_the_same_by_two_people(): void
    {
        $order = self::order();
        $each = [];
        $sums = [];
        for ($n = 1; $n <= 98; $n++) {
            $path = $this->picture("many-{$n}.jpg", 100 + $n, 80);
            $sums[] = hash_file('sha256', $path);
            $each["many-{$n}"] = fn (): int => self::wren()->ask('POST', "/api/orders/{$order}/pictures", ['file' => $path])->status;
        }
        $same = $this->picture('same.jpg', 333, 222);
        $sums[] = hash_file('sha256', $same);
        foreach (['wren', 'somebody'] as $who) {
            $each["same-{$who}"] = fn (): int => self::wren()->ask('POST', "/api/orders/{$order}/pictures", [
                'file' => $same,
                'name' => "{$who}.jpg",
            ])->status;
        }
        $large = "{$this->folder}/large.tif";
        // 13 000 × 10 000 pixels, 390 MB as they are.
        Image::fromPixels(random_bytes(130 * 100 * 3), 130, 100, 3)
            ->as(Interpretation::Srgb)
            ->run('zoom', [100, 100])
            ->save('tiffsave', $large, []);
        self::assertGreaterThan(389_000_000, filesize($large));
        $sums[] = hash_file('sha256', $large);
        $each['large'] = fn (): string => self::inPieces(self::wren(), $order, $large);
        $gave = $this->atOnce($each);
        unlink($large);
        self::assertSame([], array_filter($gave, fn (mixed $status): bool => ! in_array($status, [201, '201', '202'], true)));
        for (
            $end = microtime(true) + 120;
            count(self::asked("select id from order_pictures where order_id = {$order}")) < 100;
            usleep(200_000)
        ) {
            microtime(true) < $end || self::fail('They aren’t all there.');
        }
        $kept = self::asked("select p.sha256 from pictures p join order_pictures o on o.picture_id = p.id where o.order_id = {$order}");
        sort($kept);
        sort($sums);
        self::assertSame($sums, $kept);
        foreach ($kept as $sum) {
            $files = glob(self::home()."/storage/app/pictures/*/{$sum}.*") ?: [];
            self::assertSame([$sum], array_map(fn (string $path): string|false => hash_file('sha256', $path), $files));
        }
        self::assertSame([], glob(self::home().'/storage/app/begun/*'), 'nothing is left of the pieces');
    }

    /** By tus, as a page does it. */
    private static function inPieces(Person $person, int $order, string $path): string
    {
        $tus = ['Tus-Resumable' => '1.0.0'];
        $named = ['Upload-Metadata' => 'filename '.base64_encode(basename($path)), 'Upload-Length' => (string) filesize($path)];
        $at = $person->ask('POST', "/api/orders/{$order}/uploads", null, $named + $tus)->header('Location');
        $file = fopen($path, 'r') ?: self::fail('It is there.');
        for ($sent = 0; $sent < filesize($path);) {
            $headers = ['Content-Type' => 'application/offset+octet-stream', 'Upload-Offset' => (string) $sent] + $tus;
            $answer = $person->ask('PATCH', $at, (string) fread($file, self::PIECE), $headers);
            self::assertSame(204, $answer->status, $answer->body);
            $sent = (int) $answer->header('Upload-Offset');
        }

        return (string) $person->ask('POST', "/api/orders/{$order}/pictures", ['upload' => basename($at)])->status;
    }
}
