<?php

declare(strict_types=1);

namespace Tests\imaging;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\Imaging\IntakeReader;
use Planisher\Imaging\MarkReader;
use Planisher\Imaging\PictureReader;
use Planisher\Imaging\Sources\Sources;
use Planisher\Imaging\Type\HarfBuzz;
use Planisher\Imaging\Vips\Image;
use Planisher\Naming\NameBook;
use Planisher\Order\WorkedLine;
use Planisher\Picture\PictureRefused;
use Planisher\Studio\OrderContext;
use Tests\core\LineContexts;

/** Marks laid over pictures, against ImageMagick's own laying over. */
final class OverlayTest extends TestCase
{
    use Pictures;

    /** A mark of 300 × 120 px: half see-through, with clear corners. */
    private function mark(string $name = 'mark.png', string ...$steps): string
    {
        $path = "{$this->folder}/{$name}";
        self::tool(
            'convert',
            ...['-size', '300x120', 'xc:none', '-fill', 'rgba(220,40,30,0.55)', '-draw', 'roundrectangle 8,8 291,111 40,40'],
            ...['-fill', 'rgba(255,255,255,0.9)', '-draw', 'circle 60,60 60,25', ...$steps, '-strip', "PNG32:{$path}"],
        );

        return $path;
    }

    /** @param  array<string, mixed>  $line */
    private function work(array $line, string $mark = 'mark.png'): WorkedLine
    {
        $path = "{$this->folder}/a.png";
        is_file($path) || $this->picture('a.png', 1600, 1200);
        $wanted = LineContexts::line(
            $line + ['picture' => 'a.png', 'size' => '8 x 6 in', 'carrier' => 'none', 'output' => ['format' => 'tiff', 'ppi' => 150]],
        );
        $lab = LineContexts::lab(['minimumPpi' => 1, 'nameLength' => 60]);

        return WorkedLine::work(
            $wanted,
            [PictureReader::read($path, 'a.png')],
            $lab,
            NameBook::names(LineContexts::head(), $lab, [1 => $wanted])[1],
            orderContext: new OrderContext(
                LineContexts::head(),
                is_file("{$this->folder}/{$mark}") ? [$mark => MarkReader::read("{$this->folder}/{$mark}", $mark)] : [],
                new HarfBuzz(),
            ),
        );
    }

    private function madeOf(WorkedLine $worked, string $folder): string
    {
        $file = $worked->plan->files[0] ?? self::fail($worked->worst()->title);
        $paths = [$worked->facts()[0]->sha256 => "{$this->folder}/a.png"];
        foreach (Sources::marksIn($file) as $mark) {
            $paths[$mark->sha256] = "{$this->folder}/{$mark->name}";
        }

        return self::make($file, Sources::originals($paths, [$file]), "{$this->folder}/{$folder}")->path;
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function places(): iterable
    {
        // 300 px at 150 ppi: its own pixels, so that nothing is scaled
        yield 'bottom right' => [['width' => '2 in', 'strength' => 1]];
        yield 'weaker, top' => [['where' => 'top', 'width' => '2 in', 'offset' => '1/4 in', 'strength' => 0.4]];
        yield 'in the middle' => [['where' => 'centre', 'width' => '2 in', 'strength' => 0.7]];
    }

    /** @param  array<string, mixed>  $overlay */
    #[DataProvider('places')]
    public function test_a_mark_is_laid_over_as_imagemagick_does_it(array $overlay): void
    {
        $mark = $this->mark();
        $plain = $this->madeOf($this->work([]), 'plain');
        $worked = $this->work(['overlays' => [['picture' => 'mark.png'] + $overlay]]);
        $made = $this->madeOf($worked, 'marked');
        $at = $worked->plan?->shown->overlays()[0]->target ?? self::fail('no mark');
        self::assertSame([300, 120], [$at->width, $at->height]);
        $theirs = "{$this->folder}/theirs.tif";
        self::tool(
            'convert',
            $plain,
            '(',
            $mark,
            '-channel',
            'A',
            '-evaluate',
            'multiply',
            (string) $overlay['strength'],
            '+channel',
            ')',
            '-geometry',
            "+{$at->x}+{$at->y}",
            '-compose',
            'over',
            '-composite',
            '-depth',
            '8',
            $theirs,
        );
        self::assertLessThanOrEqual(1, self::difference(self::pixels($theirs), self::pixels($made))['max'], 'within a code');
    }

    /** Reduced as far as it is seen: what lies unseen in its clear pixels doesn't show at its edges. */
    public function test_nothing_unseen_shows_where_a_mark_is_reduced(): void
    {
        $path = "{$this->folder}/mark.png";
        self::tool(
            'convert',
            '-size',
            '900x600',
            'xc:rgba(0,255,0,0)',
            '-fill',
            'rgba(255,0,0,1)',
            '-draw',
            'circle 450,300 450,60',
            "PNG32:{$path}",
        );
        $made = $this->madeOf($this->work(['overlays' => [['picture' => 'mark.png', 'where' => 'centre', 'width' => '1 in']]]), 'reduced');
        $plain = self::pixels($this->madeOf($this->work([]), 'plain'));
        $greener = 0;
        foreach (array_chunk(self::pixels($made), 3) as $i => [$red, $green]) {
            $greener += $green > $plain[3 * $i + 1] + 2 && $red < 128 ? 1 : 0;
        }
        self::assertSame(0, $greener);
    }

    public function test_a_frame_covers_the_image_and_stays_off_its_border(): void
    {
        self::tool(
            'convert',
            '-size',
            '400x300',
            'xc:none',
            '-fill',
            'none',
            '-stroke',
            'white',
            '-strokewidth',
            '12',
            '-draw',
            'rectangle 6,6 393,293',
            "PNG32:{$this->folder}/frame.png",
        );
        $worked = $this->work(
            ['border' => '1 in', 'paperColour' => '#202020', 'overlays' => [['picture' => 'frame.png', 'where' => 'whole']]],
            'frame.png',
        );
        $made = $this->madeOf($worked, 'framed');
        $target = $worked->plan?->shown->overlays()[0]->target ?? self::fail('no frame');
        $image = $worked->plan->shown->pictures()[0]->target ?? self::fail('no picture');
        self::assertEquals($image, $target);
        $at = fn (int $x, int $y): string => trim(self::tool('convert', $made, '-crop', "1x1+{$x}+{$y}", '-depth', '8', 'rgb:-'));
        self::assertSame("\xFF\xFF\xFF", $at($image->x + 6, $image->y + 6), 'the frame lies on the image’s edge');
        self::assertSame(
            "\x20\x20\x20",
            self::tool('convert', $made, '-crop', '1x1+'.($image->x - 3)."+{$image->y}", '-depth', '8', 'rgb:-'),
        );
    }

    /** @return iterable<string, array{string, callable(string): mixed, string}> */
    public static function noMarks(): iterable
    {
        yield 'a JPEG' => ['mark.png', fn (string $path) => self::tool('convert', 'rose:', "JPEG:{$path}"), 'A mark is a PNG'];
        yield 'text' => ['mark.png', fn (string $path) => file_put_contents($path, 'hello'), ''];
        yield 'cut off' => [
            'mark.png',
            function (string $path): void {
                self::tool('convert', '-size', '900x900', 'plasma:', "PNG32:{$path}");
                file_put_contents($path, substr((string) file_get_contents($path), 0, 200_000));
            },
            'cut off',
        ];
        yield '200 megapixels' => [
            'mark.png',
            fn (string $path) => Image::plain(20_000, 10_000, [0.0])->save('pngsave', $path, ['bitdepth' => 1]),
            '200 megapixels',
        ];
        yield 'animated' => ['mark.png', self::animated(...), 'animated'];
    }

    /** An animated PNG: the chunk acTL before its picture (PNG, third edition). */
    private static function animated(string $path): void
    {
        self::tool('convert', '-size', '40x40', 'xc:none', "PNG32:{$path}");
        $chunk = 'acTL'.pack('NN', 1, 0);
        $bytes = (string) file_get_contents($path);
        $at = (int) strpos($bytes, 'IDAT') - 4;
        file_put_contents($path, substr($bytes, 0, $at).pack('N', 8).$chunk.pack('N', crc32($chunk)).substr($bytes, $at));
    }

    #[DataProvider('noMarks')]
    public function test_what_is_no_mark_is_refused_in_words(string $name, callable $write, string $words): void
    {
        $path = "{$this->folder}/{$name}";
        $write($path);
        try {
            IntakeReader::mark($path, $name);
            self::fail('It was taken.');
        } catch (PictureRefused $e) {
            self::assertStringContainsString($words, $e->getMessage());
        }
    }

    public function test_marks_that_cover_are_enlarged_or_missing_are_told(): void
    {
        self::tool('convert', '-size', '100x60', 'xc:navy', "PNG24:{$this->folder}/mark.png");
        $worked = $this->work(['overlays' => [['picture' => 'mark.png', 'width' => '60 %']]]);
        $codes = array_column(array_map(fn ($finding): array => $finding->toArray(), $worked->findings), 'code');
        self::assertContains('mark-covers', $codes);
        self::assertContains('mark-on-print', $codes);
        $this->mark();
        $enlarged = LineContexts::finding($this->work(['overlays' => [['picture' => 'mark.png', 'width' => '6 in']]]), 'mark-enlarged');
        self::assertStringContainsString('300 × 120', $enlarged->text ?? '');
        $missing = $this->work(['overlays' => [['picture' => 'nowhere.png']]]);
        self::assertSame('mark-missing', $missing->worst()->code);
        self::assertSame(['overlays' => []], $missing->worst()->remedy?->change->toArray());
    }
}
