<?php

declare(strict_types=1);

namespace Tests\imaging;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\Imaging\Inspect\Preview;
use Planisher\Imaging\PictureReader;
use Planisher\Imaging\ReadBack\MeasuredFigure;
use Planisher\Imaging\ReadBack\ReadBack;
use Planisher\Imaging\Sources\Proxy;
use Planisher\Imaging\Sources\Sources;
use Planisher\Imaging\Vips\Image;
use Planisher\Imaging\Vips\Interpretation;
use Planisher\Plan\PlannedFile;
use Tests\core\LineContexts;

/** What goes round the bar, in the files that come out, against ImageMagick's own mirror, blur and mixing. */
final class CanvasTest extends TestCase
{
    use Pictures;

    private const LINE = ['size' => '6 x 4 in', 'make' => 'canvas', 'output' => ['ppi' => 60, 'format' => 'tiff']];

    /**
     * @param  array<string, mixed>  $canvas
     * @param  array<string, mixed>  $line
     * @param  array<string, mixed>  $lab
     * @return list<array{string, PlannedFile}>
     */
    private function all(string $picture, array $canvas, array $line = [], array $lab = []): array
    {
        $worked = LineContexts::work(
            ['picture' => basename($picture), 'canvas' => $canvas] + $line + self::LINE,
            PictureReader::read($picture, basename($picture)),
            $lab + ['minimumPpi' => 1, 'nameLength' => 60, 'bits' => [8, 16]],
        );
        $files = $worked->plan->files ?? throw new \LogicException('no plan');
        $source = Sources::originals($picture, $files);
        $out = $this->folder.'/'.bin2hex(random_bytes(4));

        return array_map(fn (PlannedFile $file): array => [self::make($file, $source, $out)->path, $file], $files);
    }

    /**
     * @param  array<string, mixed>  $canvas
     * @param  array<string, mixed>  $line
     * @return array{string, PlannedFile}
     */
    private function made(string $picture, array $canvas, array $line = []): array
    {
        return $this->all($picture, $canvas, $line)[0];
    }

    /** @return list<int> the face alone, as ImageMagick cuts it out */
    private static function face(string $path, PlannedFile $file): array
    {
        $face = $file->surround()->face ?? throw new \LogicException('no face');

        return self::pixels($path, '-crop', "{$face->width}x{$face->height}+{$face->x}+{$face->y}", '+repage');
    }

    /** Pixel for pixel ImageMagick's mirror of the print alone: sizes with odd and even edges, reduced and enlarged. */
    public function test_a_mirrored_edge_is_imagemagicks_mirror(): void
    {
        $picture = $this->picture('a.png', 600, 400);
        $wraps = [['0.5 in', '6 x 4 in', 60], ['13 mm', '6 x 4 in', 57], ['25 %', '14 x 9 cm', 100], ['31 px', '9 x 6 in', 150]];
        foreach ($wraps as [$depth, $size, $ppi]) {
            $line = ['size' => $size, 'output' => ['ppi' => $ppi, 'format' => 'tiff']];
            [$path, $file] = $this->made($picture, ['depth' => $depth], $line);
            $print = self::planned($picture, $line + ['turn' => 'landscape']);
            $alone = self::make($print, $picture, "{$this->folder}/".md5($depth))->path;
            $face = $file->surround()->face ?? throw new \LogicException('no face');
            self::assertSamePixels(self::pixels($alone), self::face($path, $file), 'the face is the print');
            self::assertSamePixels(
                self::pixels(
                    $alone,
                    '-virtual-pixel',
                    'Mirror',
                    '-filter',
                    'point',
                    '-interpolate',
                    'Nearest',
                    '-set',
                    'option:distort:viewport',
                    "{$file->width}x{$file->height}-{$face->x}-{$face->y}",
                    '-distort',
                    'SRT',
                    '0',
                    '+repage',
                ),
                self::pixels($path),
                "{$depth} round {$size}",
            );
        }
    }

    /** @param  array<string, mixed>  $canvas */
    #[DataProvider('edges')]
    public function test_the_face_is_pixel_for_pixel_the_picture(array $canvas): void
    {
        $picture = $this->picture('a.png', 900, 600);
        $alone = self::make(
            self::planned($picture, ['size' => '6 x 4 in', 'turn' => 'landscape', 'output' => ['ppi' => 60, 'format' => 'tiff']]),
            $picture,
            "{$this->folder}/alone",
        )->path;
        [$path, $file] = $this->made($picture, $canvas);
        self::assertSamePixels(self::pixels($alone), self::face($path, $file));
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function edges(): iterable
    {
        $finish = ['soften' => 1, 'darken' => ['strength' => 0.6, 'colour' => '#402010'], 'depth' => '0.9 in', 'spare' => '0.2 in'];
        yield 'mirrored' => [$finish];
        yield 'drawn out' => [['edge' => 'drawn-out'] + $finish];
        yield 'one colour' => [['edge' => 'one-colour', 'colour' => '#123456'] + $finish];
    }

    public function test_running_on_is_one_print_of_the_whole(): void
    {
        $picture = $this->picture('a.png', 900, 600);
        [$path] = $this->made($picture, ['edge' => 'runs-on', 'depth' => '0.5 in']);
        $larger = self::make(
            self::planned($picture, ['size' => '7 x 5 in', 'turn' => 'landscape', 'output' => ['ppi' => 60, 'format' => 'tiff']]),
            $picture,
            "{$this->folder}/larger",
        )->path;
        self::assertSamePixels(self::pixels($larger), self::pixels($path));
    }

    /**
     * Drawn out, a place so far from the fold shows the face a tenth as far inside, in corners both ways. On a picture whose
     * codes rise evenly from side to side the codes of the edge are known everywhere.
     */
    public function test_a_drawn_out_edge_stretches_the_outermost_band(): void
    {
        $picture = $this->ramp(1200, 800);
        [$path, $file] = $this->made(
            $picture,
            ['edge' => 'drawn-out', 'depth' => '1 in'],
            ['size' => '12 x 8 in', 'output' => ['ppi' => 100, 'format' => 'tiff']],
        );
        $codes = self::pixels($path);
        $face = $file->surround()->face ?? throw new \LogicException('no face');
        $at = fn (int $x, int $y): array => array_slice($codes, ($y * $file->width + $x) * 3, 2);
        mt_srand(2);
        for ($i = 0; $i < 400; $i++) {
            [$x, $y] = [mt_rand(0, $file->width - 1), mt_rand(0, $file->height - 1)];
            $inside = function (int $p, int $from, int $length): float {
                $p -= $from;
                $q = $p < 0 ? (-$p - 0.5) / 10 - 0.5 : ($p >= $length ? $length - ($p - $length + 0.5) / 10 - 0.5 : (float) $p);

                return max(0.0, min($length - 1.0, $q));
            };
            [$red, $green] = $at($x, $y);
            self::assertEqualsWithDelta(($inside($x, $face->x, $face->width) / 1200) * 250, $red, 1.5, "at {$x}, {$y}");
            self::assertEqualsWithDelta(($inside($y, $face->y, $face->height) / 800) * 250, $green, 1.5, "at {$x}, {$y}");
        }
    }

    /**
     * Softened, the edge is at the wall what ImageMagick's Gaussian of an eighth of the depth makes of the mirrored file, and
     * next to the fold nearly the mirror itself; in between it lies between both.
     */
    public function test_softening_grows_to_a_gaussian_of_an_eighth_of_the_depth(): void
    {
        $picture = $this->picture('a.png', 900, 600);
        $line = ['size' => '9 x 6 in', 'output' => ['ppi' => 100, 'format' => 'tiff']];
        [$soft, $file] = $this->made($picture, ['depth' => '1.6 in', 'soften' => 1], $line);
        [$sharp] = $this->made($picture, ['depth' => '1.6 in'], $line);
        self::assertSame(20.0, $file->surround()?->sigma);
        $row = fn (string $path, int $y, string ...$steps): array => self::pixels(
            $path,
            ...$steps,
            ...['-crop', "{$file->width}x1+0+{$y}", '+repage'],
        );
        $blurred = $row($sharp, 2, '-virtual-pixel', 'Edge', '-blur', '0x20');
        self::assertLessThan(
            1.5,
            self::difference($blurred, $row($soft, 2))['mean'],
            'at the wall, where 3 % of the narrower blur is still mixed in',
        );
        self::assertGreaterThan(8.0, self::difference($row($sharp, 2), $row($soft, 2))['mean'], 'and not the mirror');
        $fold = self::pixels($soft, '-crop', '500x1+300+159', '+repage');
        self::assertLessThan(
            0.6,
            self::difference(self::pixels($sharp, '-crop', '500x1+300+159', '+repage'), $fold)['mean'],
            'at the fold',
        );
        $off = array_map(
            fn (int $y): float => self::difference(
                self::pixels($sharp, '-crop', "500x1+300+{$y}", '+repage'),
                self::pixels($soft, '-crop', "500x1+300+{$y}", '+repage'),
            )['mean'],
            [155, 130, 90, 40, 4],
        );
        self::assertTrue($off[0] < $off[1] && $off[1] < $off[2] && $off[2] < $off[4], 'it grows: '.implode(', ', $off));
    }

    /** Darkened, codes go evenly from the fold to the strength at the wall; a spare beyond keeps it. A grey picture shows the codes. */
    public function test_darkening_goes_evenly_to_its_strength(): void
    {
        $path = "{$this->folder}/grey.png";
        Image::plain(600, 400, [200.0, 200.0, 200.0])->save('pngsave', $path, []);
        [$made, $file] = $this->made($path, [
            'depth' => '1 in',
            'spare' => '0.25 in',
            'darken' => ['strength' => 0.5, 'colour' => '#000000'],
        ]);
        $codes = array_column(
            array_chunk(self::pixels($made, '-crop', "1x{$file->height}+".intdiv($file->width, 2).'+0', '+repage'), 3),
            0,
        );
        self::assertSame(
            [75, 0, 60],
            [
                $file->surround()?->face->y,
                array_sum(array_map(fn (int $code): int => abs($code - 200), array_slice($codes, 75, 240))),
                (int) round($file->surround()->depth ?? 0),
            ],
        );
        foreach (range(0, 74) as $y) {
            $away = min(1, (75 - $y - 0.5) / 60);
            self::assertEqualsWithDelta(200 * (1 - 0.5 * $away), $codes[$y], 1.0, "at {$y}");
        }
        self::assertSame($codes, array_reverse($codes), 'above as below');
        $corner = array_slice(self::pixels($made), 0, 3);
        self::assertEqualsWithDelta(100, $corner[0], 1.0, 'corners as dark as the wall');
    }

    public function test_face_and_edges_apart_make_the_whole_together(): void
    {
        $picture = $this->picture('a.png', 900, 600);
        foreach (['mirrored', 'runs-on'] as $edge) {
            $canvas = ['depth' => '0.5 in', 'edge' => $edge, 'soften' => 0.5];
            [$whole, $file] = $this->made($picture, $canvas);
            [[$face], [$edges]] = $this->all($picture, ['edgesApart' => true] + $canvas);
            $at = $file->surround()->face ?? throw new \LogicException('no face');
            self::tool(
                is_executable('/usr/bin/convert') ? '/usr/bin/convert' : 'convert',
                $edges,
                $face,
                '-geometry',
                "+{$at->x}+{$at->y}",
                '-composite',
                "{$this->folder}/{$edge}.tif",
            );
            self::assertSamePixels(self::pixels($whole), self::pixels("{$this->folder}/{$edge}.tif"));
            self::assertSame([255], array_values(array_unique(self::face($edges, $file))), 'the face of the edges is empty');
        }
    }

    public function test_two_pages_of_one_tiff(): void
    {
        $picture = $this->picture('a.png', 900, 600);
        [$whole, $file] = $this->made($picture, ['depth' => '0.5 in', 'edge' => 'runs-on']);
        [[$pages, $planned]] = $this->all(
            $picture,
            ['depth' => '0.5 in', 'edge' => 'runs-on'],
            [],
            ['canvas' => ['edgesApart' => 'pages']],
        );
        self::assertSame("420x300\n420x300\n", self::tool('identify', '-format', "%wx%h\n", $pages));
        self::assertSamePixels(self::face($whole, $file), self::face("{$pages}[0]", $file), 'first the face');
        self::assertSame([255], array_values(array_unique(self::pixels("{$pages}[0]", '-crop', '420x30+0+0', '+repage'))), 'on white');
        self::assertSamePixels(
            self::pixels($whole, '-crop', '420x30+0+0', '+repage'),
            self::pixels("{$pages}[1]", '-crop', '420x30+0+0', '+repage'),
            'then the edges',
        );
        self::assertSame([255], array_values(array_unique(self::face("{$pages}[1]", $file))));
        self::assertSame(60.0, (float) self::exif($pages)['IFD0:XResolution']);
        $again = ReadBack::of($pages, $planned, null);
        self::assertContains('pages', array_map(fn (MeasuredFigure $m): string => $m->what, $again->figures));
        self::assertTrue($again->agrees());
        [$single] = $this->made($picture, ['depth' => '0.5 in', 'edge' => 'runs-on']);
        self::assertContains(
            'pages',
            array_map(fn (MeasuredFigure $m): string => $m->what, ReadBack::of($single, $planned, null)->disagreements()),
            'one page where two are planned',
        );
    }

    public function test_sixteen_bits_and_a_picture_on_its_side(): void
    {
        $upright = $this->picture('a.tif', 600, 400);
        self::tool(
            is_executable('/usr/bin/convert') ? '/usr/bin/convert' : 'convert',
            $upright,
            '-rotate',
            '-90',
            '-orient',
            'RightTop',
            "{$this->folder}/side.jpg",
        );
        self::tool('exiftool', '-q', '-overwrite_original', '-n', '-Orientation=6', "{$this->folder}/side.jpg");
        $canvas = ['depth' => '0.5 in', 'edge' => 'drawn-out', 'soften' => 0.8];
        [$plain] = $this->made($upright, $canvas);
        [$turned] = $this->made("{$this->folder}/side.jpg", $canvas);
        self::assertLessThan(2.5, self::difference(self::pixels($plain), self::pixels($turned))['mean'], 'but for what JPEG does');
        [$deep] = $this->made($upright, $canvas, ['output' => ['ppi' => 60, 'format' => 'tiff', 'bits' => 16]]);
        self::assertSame('16', trim(self::tool('identify', '-format', '%z', $deep)));
        self::assertLessThan(1.0, self::difference(self::pixels($plain), self::pixels($deep))['mean']);
    }

    public function test_the_preview_is_the_file_made_small(): void
    {
        $path = $this->picture('a.jpg', 2400, 1600);
        Proxy::write($path, PictureReader::read($path, 'a.jpg'), 1200, "{$this->folder}/proxy.jpg");
        foreach (['mirrored', 'drawn-out', 'runs-on', 'one-colour'] as $edge) {
            [$made, $file] = $this->made(
                $path,
                ['depth' => '1 in', 'edge' => $edge, 'soften' => 0.6, 'darken' => ['strength' => 0.4], 'colour' => '#806040'],
                ['size' => '16 x 10 in', 'output' => ['ppi' => 120, 'format' => 'tiff']],
            );
            $preview = Preview::image($file, Sources::proxies("{$this->folder}/proxy.jpg"), 540);
            $preview->save('pngsave', "{$this->folder}/{$edge}.png", []);
            self::assertLessThan(
                2.5,
                self::difference(self::pixels($made, '-resize', '540x360!'), self::pixels("{$this->folder}/{$edge}.png"))['mean'],
                $edge,
            );
        }
    }

    /** Codes that rise evenly: red from left to right, green from top to bottom. */
    private function ramp(int $width, int $height): string
    {
        $rows = '';
        for ($y = 0; $y < $height; $y++) {
            for ($x = 0; $x < $width; $x++) {
                $rows .= chr((int) round(($x / $width) * 250)).chr((int) round(($y / $height) * 250))."\x80";
            }
        }
        Image::fromPixels($rows, $width, $height, 3)
            ->as(Interpretation::Srgb)
            ->save('pngsave', "{$this->folder}/ramp.png", []);

        return "{$this->folder}/ramp.png";
    }
}
