<?php

declare(strict_types=1);

namespace Bench;

use Planisher\Finish\Sheet\Arranging\Arrangement;
use Planisher\Finish\Sheet\Arranging\Arranger;
use Planisher\Imaging\Colour\ProfileReader;
use Planisher\Imaging\Colour\Profiles;
use Planisher\Imaging\Look\DrawnIn;
use Planisher\Imaging\Look\Preview;
use Planisher\Imaging\Look\Proof;
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

    private readonly Table $table;

    public function __construct(private readonly Desk $desk, private readonly bool $isQuick)
    {
        $this->table = new Table();
    }

    /** @return bool whether every limit was kept */
    public function run(): bool
    {
        $facts = $this->desk->facts();
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
        foreach (Job::all($this->desk) as $job) {
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
        $make = $this->desk->make([$job->wanted]);
        ['ours' => $ours, 'bare' => $bare] = Measured::inTurns(
            $this->turns($job->isLarge()),
            ['ours' => $make, 'bare' => $this->desk->bare($job->bare($this->desk->picture()))],
            $this->desk->clear(...),
        );
        $this->table->ratio("{$job->name}, whole process", $ours, 'bare libvips, FFI', $bare, self::AGAINST_BARE);
        $this->table->limit(
            "{$job->name}, peak memory",
            Measured::mostBytes($ours) / 1e6,
            ($job->isLarge() ? self::LARGE_MOST_MEMORY : self::MOST_MEMORY) / 1e6,
            'MB',
        );
        if ($this->isQuick && $job->seconds > self::QUICK_SECONDS) {
            return;
        }
        ['ours' => $ours, 'magick' => $theirs] = Measured::inTurns(
            $job->seconds > self::QUICK_SECONDS || $this->isQuick ? 1 : 3,
            ['ours' => $make, 'magick' => $this->desk->magick($job->magick())],
            $this->desk->clear(...),
        );
        $this->table->atLeast("{$job->name}, whole process", $ours, 'ImageMagick', $theirs, self::AGAINST_IMAGEMAGICK);
    }

    private function againstItsEnds(string $name, float $most): void
    {
        $job = Job::all($this->desk)[$name];
        $bare = $job->bare($this->desk->picture());
        $pixels = $this->desk->path('pixels.v');
        Measured::inTurns(1, ['finished' => $this->desk->bare(['out' => $pixels] + $bare)], $this->desk->clear(...));
        $ends = ['pixels' => $pixels] + $bare;
        ['ours' => $ours, 'ends' => $bare] = Measured::inTurns(
            $this->turns(),
            ['ours' => $this->desk->make([$job->wanted]), 'ends' => $this->desk->bare($ends)],
            $this->desk->clear(...),
        );
        unlink($pixels);
        $this->table->ratio("{$name}, whole process", $ours, 'decode and encode', $bare, $most);
    }

    /** Lifted for its paper, a print takes little longer than a plain one. */
    private function lifted(): void
    {
        $wanted = ['picture' => Desk::PICTURE, 'size' => '16 x 20 in'];
        ['lifted' => $lifted, 'plain' => $plain] = Measured::inTurns(
            $this->turns(),
            [
                'lifted' => $this->desk->make([$wanted + ['forPaper' => ['open' => 0.5, 'contrast' => 0.2]]]),
                'plain' => $this->desk->make([$wanted]),
            ],
            $this->desk->clear(...),
        );
        $this->table->ratio('16 × 20 in, lifted', $lifted, 'plain', $plain, self::LIFTED_AGAINST_PLAIN);
    }

    /** A line of words in its border costs a print next to nothing. */
    private function captioned(): void
    {
        $wanted = ['picture' => Desk::PICTURE, 'size' => '8 x 10 in', 'border' => '0.5 in'];
        $caption = ['parts' => ['client', 'file', ['text' => 'Proof only']], 'height' => '3 mm'];
        ['captioned' => $captioned, 'plain' => $plain] = Measured::inTurns(
            $this->turns(),
            ['captioned' => $this->desk->make([$wanted + ['caption' => $caption]]), 'plain' => $this->desk->make([$wanted])],
            $this->desk->clear(...),
        );
        $this->table->ratio('8 × 10 in, captioned', $captioned, 'without', $plain, self::CAPTIONED_AGAINST_PLAIN);
    }

    /** Eight small prints of as many pictures on one sheet, each unpacked at the size it is needed. */
    private function sheet(): void
    {
        $pictures = array_map($this->desk->picture(...), range(0, self::CELLS - 1));
        $cells = array_map(fn (string $path): array => ['picture' => basename($path), 'size' => '2.5 x 3.5 in'], $pictures);
        $wanted = ['make' => 'shared-sheet', 'size' => '8 x 10 in', 'sheet' => ['cells' => $cells]];
        ['ours' => $ours, 'bare' => $bare] = Measured::inTurns(
            $this->turns(large: true),
            [
                'ours' => $this->desk->make([$wanted]),
                'bare' => $this->desk->bare(Job::sheet($this->desk->file($wanted), $pictures, $this->desk)),
            ],
            $this->desk->clear(...),
        );
        $this->table->ratio('a sheet of eight, whole process', $ours, 'bare libvips, FFI', $bare, self::SHEET_AGAINST_BARE);
        $this->table->limit('a sheet of eight, peak memory', Measured::mostBytes($ours) / 1e6, self::SHEET_MOST_MEMORY / 1e6, 'MB');
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
            for ($picture = 0; $picture < ($this->isQuick ? self::QUICK_PICTURES : Desk::PICTURES); $picture++) {
                $path = $this->desk->picture($picture);
                $lines[] = ['picture' => basename($path), 'size' => $size, 'subject' => "{$i} {$picture}"];
                $jobs[] = ['out' => $this->desk->path("bare-{$i}-{$picture}.jpg")] + Job::print($this->desk, $size)->bare($path);
            }
        }
        $measured = Measured::inTurns(
            1,
            ['ours' => $this->desk->make($lines), 'bare' => $this->desk->bareAtOnce($jobs, 2)],
            $this->desk->clear(...),
        );
        ['ours' => $ours, 'bare' => $bare] = $measured;
        $this->table->ratio(count($lines).' lines, whole process', $ours, 'bare, two at a time', $bare, self::ORDER_AGAINST_BARE);
    }

    /** What somebody waits for at the screen. */
    private function screen(): void
    {
        $wanted = ['picture' => Desk::PICTURE, 'size' => '8 x 10 in'];
        $this->table->limit(
            'plan and findings of a line',
            self::milliseconds(200, fn () => $this->desk->worked($wanted + ['window' => ['x' => 0.4, 'y' => 0.5, 'tight' => 1.2]])),
            self::PLAN_MS,
            'ms',
        );
        [$proxy, $preview] = [$this->desk->path('proxy.jpg'), $this->desk->path('preview.jpg')];
        Proxy::write($this->desk->picture(), $this->desk->facts(), 2048, $proxy);
        $file = $this->desk->file($wanted);
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
            self::milliseconds(9, fn () => $proof->write($preview, $this->desk->path('proof.jpg'))),
            self::PROOF_MS,
            'ms',
        );
        $this->table->limit(
            'gamut hatching, 1600 px, warm proxy',
            self::milliseconds(
                9,
                fn () => (new DrawnIn($file, $paper, Sources::proxies($proxy, $profiles)))->hatch(1600, $this->desk->path('gamut.png')),
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
