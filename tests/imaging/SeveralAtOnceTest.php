<?php

declare(strict_types=1);

namespace Tests\imaging;

use PHPUnit\Framework\TestCase;
use Planisher\Finish\LineReader;
use Planisher\Imaging\SeveralAtOnce;
use Planisher\Imaging\Sources\Decoded;
use Planisher\Imaging\Vips\Image;
use Planisher\Line\LineSpec;
use Planisher\OrderFile\JsonNode;

/** How an order's lines are shared between processes; what the processes are is the caller's, here small shell commands. */
final class SeveralAtOnceTest extends TestCase
{
    use Pictures;

    /**
     * @param  list<string>  $pictures  of lines 1 and up
     * @return array<int, LineSpec>
     */
    private static function lines(array $pictures): array
    {
        $lines = [];
        foreach ($pictures as $i => $picture) {
            $lines[$i + 1] = LineReader::read(JsonNode::root(['picture' => $picture, 'size' => '4 x 6 in']));
        }

        return $lines;
    }

    /**
     * Reports each line as made, after a word in the folder.
     *
     * @return \Closure(list<int>, string): list<string>
     */
    private function command(string $first = 'true'): \Closure
    {
        return function (array $numbers, string $report) use ($first): array {
            $lines = array_map(fn (int $number): array => ['number' => $number, 'made' => true, 'files' => []], $numbers);
            $said = escapeshellarg((string) json_encode(['lines' => $lines]));
            $word = implode('-', $numbers);

            return ['sh', '-c', "{$first}; printf %s {$said} > {$report}; echo \$VIPS_CONCURRENCY > {$this->folder}/{$word}.share"];
        };
    }

    public function test_lines_of_one_picture_go_together_and_come_back_in_their_order(): void
    {
        $report = (new SeveralAtOnce($this->command(), 2))->run(
            self::lines(['a.jpg', 'b.jpg', 'a.jpg', 'b.jpg', 'c.jpg', 'a.jpg', 'd.jpg', 'd.jpg']),
        );
        self::assertSame(range(1, 8), array_column($report, 'number'));
        $shares = array_map(fn (string $path): string => basename($path, '.share'), glob("{$this->folder}/*.share") ?: []);
        // at most two lines a share: a quarter of them, for two at once
        self::assertEqualsCanonicalizing(['1-3', '6', '2-4', '5', '7-8'], $shares);
        self::assertStringEqualsFile("{$this->folder}/1-3.share", "1\n", 'each of one thread');
    }

    public function test_so_many_work_at_once_and_no_more(): void
    {
        $now = "{$this->folder}/now";
        $counting = "touch {$now}.\$\$; ls {$now}.* | wc -l >> {$this->folder}/counts; sleep 0.2; rm {$now}.\$\$";
        (new SeveralAtOnce($this->command($counting), 2))->run(self::lines(['a.jpg', 'b.jpg', 'c.jpg', 'd.jpg', 'e.jpg']));
        $counts = array_map(intval(...), file("{$this->folder}/counts") ?: []);
        self::assertCount(5, $counts);
        self::assertSame(2, max($counts ?: [0]));
    }

    public function test_a_process_that_dies_is_told_of_its_lines_alone(): void
    {
        $dies = fn (array $numbers, string $report): array => in_array(2, $numbers, true)
            ? ['sh', '-c', 'kill -KILL $$']
            : $this->command()(array_values(array_map(intval(...), $numbers)), $report);
        $report = (new SeveralAtOnce($dies, 2))->run(self::lines(['a.jpg', 'b.jpg', 'c.jpg']));
        self::assertSame([true, false, true], array_column($report, 'made'));
        self::assertStringContainsString('Make it again', $report[1]['error']);
    }

    public function test_a_picture_is_decoded_once_until_another_comes(): void
    {
        $decoded = new Decoded();
        $opened = 0;
        $open = function () use (&$opened): Image {
            $opened++;

            return Image::plain(30, 20, [1.0, 2.0, 3.0]);
        };
        foreach (['a', 'a', 'b', 'b', 'a'] as $what) {
            self::assertSame(30, $decoded->of($what, $open)->width());
        }
        self::assertSame(3, $opened);
        $large = function () use (&$opened): Image {
            $opened++;

            return Image::plain(8000, 6000, [1.0, 2.0, 3.0]);
        };
        $decoded->of('large', $large);
        $decoded->of('large', $large);
        self::assertSame(5, $opened, 'what takes more than 120 MB isn’t held');
    }
}
