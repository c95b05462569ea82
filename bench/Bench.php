<?php

declare(strict_types=1);

namespace Bench;

use Planisher\Finish\Sheet\Arranging\Arrangement;
use Planisher\Finish\Sheet\Arranging\Arranger;
use Planisher\Imaging\Colour\ProfileReader;
use Planisher\Imaging\Colour\Profiles;
use Planisher\Imaging\Inspect\DrawnIn;
use Planisher\Imaging\Inspect\Preview;
use Planisher\Imaging\Inspect\Proof;
use Planisher\Imaging\Sources\Proxy;
use Planisher\Imaging\Sources\Sources;
use Planisher\Measure\Box;

/** Our work against the same work by others, in one run on one machine. Ratios are what counts. */
final class Bench
{
    private const AGAINST_BARE = 1.15;

    private const AGAINST_IMAGEMAGICK = 4.0;

    /** Our whole process against decoding the part and encoding the file alone. */
    private const AGAINST_ENDS = ['8 × 10 in' => 2.2, '16 × 20 in' => 2.8];

    private const LIFTED_AGAINST_PLAIN = 1.3;

    private const CAPTIONED_AGAINST_PLAIN = 1.05;

    private const ORDER_AGAINST_BARE = 1.2;

    private const SHEET_AGAINST_BARE = 1.3;

    private const SHEET_MOST_MEMORY = 300_000_000;

    private const CELLS = 8;

    private const ARRANGED = 200;

    private const ARRANGED_MS = 100.0;

    private const MOST_MEMORY = 250_000_000;

    private const LARGE_MOST_MEMORY = 400_000_000;

    private const PLAN_MS = 5.0;

    private const PREVIEW_MS = 150.0;

    private const PROOF_MS = 200.0;

    /** What a quick run's turns of ImageMagick may take, in seconds; a full run waits for it however long it takes. */
    private const QUICK_SECONDS = 20.0;

    /** Pictures of a quick run's order. */
    private const QUICK_PICTURES = 3;

    /** Sizes of the lines of an order, one of each picture. */
    private const ORDER = ['4 x 6 in', '5 x 7 in', '8 x 10 in', '8 x 10 in', '11 x 14 in', '16 x 20 in'];

    private readonly ResultTable $table;

    public function __construct(private readonly BenchOrders $orders, private readonly bool $isQuick)
    {
        $this->table = new ResultTable();
    }

    /** @return bool whether every limit was kept */
    public function run(): bool
    {
        $facts = $this->orders->facts();
        printf(
            '%d × %d px, %.1f MB, sRGB to Adobe RGB (1998), JPEG 95 at full colour resolution. '.
                "Medians of %d turns, of large ones %d, %d cores.\n\n",
            $facts->width,
            $facts->height,
            $facts->bytes / 1e6,
            $this->turns(),
            $this->turns(large: true),
            self::cores(),
        );
        $this->table->begin();
        foreach (Job::all($this->orders) as $job) {
            $this->againstOthers($job);
        }
        foreach (self::AGAINST_ENDS as $name => $most) {
            $this->againstItsEnds($name, $most);
        }
        $this->lifted();
        $this->captioned();
        $this->sheet();
        $this->order();
        $this->screen();

        return $this->table->allKept();
    }

    /** Our process on a line from the order file to the read-back report, the bare library on its steps, ImageMagick on the same. */
    private function againstOthers(Job $job): void
    {
        $make = $this->orders->make([$job->wanted]);
        ['ours' => $ours, 'bare' => $bare] = MeasuredRun::inTurns(
            $this->turns($job->isLarge()),
            ['ours' => $make, 'bare' => $this->orders->bare($job->bare($this->orders->picture()))],
            $this->orders->clear(...),
        );
        $this->table->ratio("{$job->name}, whole process", $ours, 'bare libvips, FFI', $bare, self::AGAINST_BARE);
        $this->table->limit(
            "{$job->name}, peak memory",
            MeasuredRun::mostBytes($ours) / 1e6,
            ($job->isLarge() ? self::LARGE_MOST_MEMORY : self::MOST_MEMORY) / 1e6,
            'MB',
        );
        if ($this->isQuick && $job->seconds > self::QUICK_SECONDS) {
            return;
        }
        ['ours' => $ours, 'magick' => $theirs] = MeasuredRun::inTurns(
            $job->seconds > self::QUICK_SECONDS || $this->isQuick ? 1 : 3,
            ['ours' => $make, 'magick' => $this->orders->magick($job->magick())],
            $this->orders->clear(...),
        );
        $this->table->atLeast("{$job->name}, whole process", $ours, 'ImageMagick', $theirs, self::AGAINST_IMAGEMAGICK);
    }

    private function againstItsEnds(string $name, float $most): void
    {
        $job = Job::all($this->orders)[$name];
        $bare = $job->bare($this->orders->picture());
        $pixels = $this->orders->path('pixels.v');
        MeasuredRun::inTurns(1, ['finished' => $this->orders->bare(['out' => $pixels] + $bare)], $this->orders->clear(...));
        $ends = ['pixels' => $pixels] + $bare;
        ['ours' => $ours, 'ends' => $bare] = MeasuredRun::inTurns(
            $this->turns(),
            ['ours' => $this->orders->make([$job->wanted]), 'ends' => $this->orders->bare($ends)],
            $this->orders->clear(...),
        );
        unlink($pixels);
        $this->table->ratio("{$name}, whole process", $ours, 'decode and encode', $bare, $most);
    }

    /** Lifted for its paper, a print takes little longer than a plain one. */
    private function lifted(): void
    {
        $wanted = ['picture' => BenchOrders::PICTURE, 'size' => '16 x 20 in'];
        ['lifted' => $lifted, 'plain' => $plain] = MeasuredRun::inTurns(
            $this->turns(),
            [
                'lifted' => $this->orders->make([$wanted + ['forPaper' => ['open' => 0.5, 'contrast' => 0.2]]]),
                'plain' => $this->orders->make([$wanted]),
            ],
            $this->orders->clear(...),
        );
        $this->table->ratio('16 × 20 in, lifted', $lifted, 'plain', $plain, self::LIFTED_AGAINST_PLAIN);
    }

    /** A line of words in its border costs a print next to nothing. */
    private function captioned(): void
    {
        $wanted = ['picture' => BenchOrders::PICTURE, 'size' => '8 x 10 in', 'border' => '0.5 in'];
        $caption = ['parts' => ['client', 'file', ['text' => 'Proof only']], 'height' => '3 mm'];
        ['captioned' => $captioned, 'plain' => $plain] = MeasuredRun::inTurns(
            $this->turns(),
            [
                'captioned' => $this->orders->make([$wanted + ['caption' => $caption]]),
                'plain' => $this->orders->make([$wanted]),
            ],
            $this->orders->clear(...),
        );
        $this->table->ratio('8 × 10 in, captioned', $captioned, 'without', $plain, self::CAPTIONED_AGAINST_PLAIN);
    }

    /** Eight small prints of as many pictures on one sheet, each unpacked at the size it is needed. */
    private function sheet(): void
    {
        $pictures = array_map($this->orders->picture(...), range(0, self::CELLS - 1));
        $cells = array_map(fn (string $path): array => ['picture' => basename($path), 'size' => '2.5 x 3.5 in'], $pictures);
        $wanted = ['make' => 'shared-sheet', 'size' => '8 x 10 in', 'sheet' => ['cells' => $cells]];
        ['ours' => $ours, 'bare' => $bare] = MeasuredRun::inTurns(
            $this->turns(large: true),
            [
                'ours' => $this->orders->make([$wanted]),
                'bare' => $this->orders->bare(Job::sheet($this->orders->file($wanted), $pictures, $this->orders)),
            ],
            $this->orders->clear(...),
        );
        $this->table->ratio('a sheet of eight, whole process', $ours, 'bare libvips, FFI', $bare, self::SHEET_AGAINST_BARE);
        $this->table->limit('a sheet of eight, peak memory', MeasuredRun::mostBytes($ours) / 1e6, self::SHEET_MOST_MEMORY / 1e6, 'MB');
        $sizes = [[4, 6], [5, 7], [3, 4], [2, 3]];
        $many = array_map(fn (int $i): array => $sizes[$i % 4], range(0, self::ARRANGED - 1));
        $this->table->limit(
            self::ARRANGED.' cells arranged',
            self::milliseconds(5, fn (): ?Arrangement => Arranger::arrange($many, new Box(0, 0, 18, 12))),
            self::ARRANGED_MS,
            'ms',
        );
    }

    /** An order of 60 lines (of 18 in a quick run), against the same files made by the bare program, two of it at a time. */
    private function order(): void
    {
        [$lines, $jobs] = [[], []];
        foreach (self::ORDER as $i => $size) {
            for ($picture = 0; $picture < ($this->isQuick ? self::QUICK_PICTURES : BenchOrders::PICTURES); $picture++) {
                $path = $this->orders->picture($picture);
                $lines[] = ['picture' => basename($path), 'size' => $size, 'subject' => "{$i} {$picture}"];
                $jobs[] = ['out' => $this->orders->path("bare-{$i}-{$picture}.jpg")] + Job::print($this->orders, $size)->bare($path);
            }
        }
        $measured = MeasuredRun::inTurns(
            1,
            ['ours' => $this->orders->make($lines), 'bare' => $this->orders->bareAtOnce($jobs, 2)],
            $this->orders->clear(...),
        );
        ['ours' => $ours, 'bare' => $bare] = $measured;
        $this->table->ratio(count($lines).' lines, whole process', $ours, 'bare, two at a time', $bare, self::ORDER_AGAINST_BARE);
    }

    /** What somebody waits for at the screen. */
    private function screen(): void
    {
        $wanted = ['picture' => BenchOrders::PICTURE, 'size' => '8 x 10 in'];
        $this->table->limit(
            'plan and findings of a line',
            self::milliseconds(200, fn () => $this->orders->worked($wanted + ['window' => ['x' => 0.4, 'y' => 0.5, 'tight' => 1.2]])),
            self::PLAN_MS,
            'ms',
        );
        [$proxy, $preview] = [$this->orders->path('proxy.jpg'), $this->orders->path('preview.jpg')];
        Proxy::write($this->orders->picture(), $this->orders->facts(), 2048, $proxy);
        $file = $this->orders->file($wanted);
        $this->table->limit(
            'preview, 1600 px, warm proxy',
            self::milliseconds(9, fn () => Preview::write($file, Sources::proxies($proxy), 1600, $preview)),
            self::PREVIEW_MS,
            'ms',
        );
        $paper = ProfileReader::read($path = dirname(__DIR__).'/demo/profiles/simulated-lustre.icc', 'simulated-lustre.icc');
        $profiles = new Profiles();
        $profiles->know($paper, $path);
        $proof = new Proof($file->encoding, $paper, $profiles);
        $this->table->limit(
            'soft proof, 1600 px, warm preview',
            self::milliseconds(9, fn () => $proof->write($preview, $this->orders->path('proof.jpg'))),
            self::PROOF_MS,
            'ms',
        );
        $this->table->limit(
            'gamut hatching, 1600 px, warm proxy',
            self::milliseconds(
                9,
                fn () => (new DrawnIn($file, $paper, Sources::proxies($proxy, $profiles)))->hatch(1600, $this->orders->path('gamut.png')),
            ),
            self::PROOF_MS,
            'ms',
        );
    }

    private function turns(bool $large = false): int
    {
        return match (true) {
            $this->isQuick => $large ? 1 : 3,
            $large => 5,
            default => 11,
        };
    }

    private static function cores(): int
    {
        return (int) trim((string) shell_exec('nproc'));
    }

    /** The middle one of some calls. */
    private static function milliseconds(int $calls, callable $call): float
    {
        $call();
        $took = [];
        for ($i = 0; $i < $calls; $i++) {
            $started = hrtime(true);
            $call();
            $took[] = (hrtime(true) - $started) / 1e6;
        }
        sort($took);

        return $took[intdiv($calls, 2)];
    }
}
