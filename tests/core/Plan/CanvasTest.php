<?php

declare(strict_types=1);

namespace Tests\core\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\Measure\PixelRect;
use Planisher\Plan\Layer\StrokeLayer;
use Planisher\Plan\Plan;
use Tests\core\LineContexts;

/** A canvas's face, edges and spare. Figures without a source are common practice of the trade, no source. */
final class CanvasTest extends TestCase
{
    /**
     * @param  array<string, mixed>  $canvas
     * @param  array<string, mixed>  $line
     * @param  array<string, mixed>  $lab
     */
    private static function plan(
        string $size,
        array $canvas = [],
        array $line = [],
        array $lab = [],
        int $width = 6000,
        int $height = 4000,
    ): Plan {
        return LineContexts::work(
            ['size' => $size, 'make' => 'canvas', 'canvas' => $canvas] + $line,
            LineContexts::picture($width, $height),
            $lab + ['minimumPpi' => 1],
        )->plan ?? throw new \LogicException('no plan');
    }

    /**
     * @param  array<string, mixed>  $canvas
     * @param  array{int, int}  $pixels
     * @param  array{int, int}  $face
     */
    #[DataProvider('sizes')]
    public function test_edges_are_added_to_the_face(string $size, array $canvas, array $pixels, array $face): void
    {
        $file = self::plan($size, $canvas)->files[0];
        self::assertSame($pixels, [$file->width, $file->height]);
        self::assertSame($face, [$file->surround()->face->width ?? 0, $file->surround()->face->height ?? 0]);
    }

    /** @return iterable<string, list<mixed>> */
    public static function sizes(): iterable
    {
        yield '2 cm on 60 × 40 cm make 64 × 44 cm' => ['60 x 40 cm', ['depth' => '2 cm'], [7559, 5197], [7087, 4724]];
        yield 'the same in mm' => ['60 x 40 cm', ['depth' => '20 mm'], [7559, 5197], [7087, 4724]];
        yield '3 in edges add 6 in to both' => ['36 x 24 in', ['depth' => '3 in'], [42 * 300, 30 * 300], [36 * 300, 24 * 300]];
        yield '1.5 in and a spare half' => [
            '36 x 24 in',
            ['depth' => '1.5 in', 'spare' => '0.5 in'],
            [40 * 300, 28 * 300],
            [36 * 300, 24 * 300],
        ];
        yield 'in pixels' => ['60 x 40 cm', ['depth' => '236 px'], [7087 + 472, 4724 + 472], [7087, 4724]];
        yield 'in per cent of the short side' => ['36 x 24 in', ['depth' => '12.5 %'], [42 * 300, 30 * 300], [36 * 300, 24 * 300]];
        yield 'running on' => ['60 x 40 cm', ['depth' => '2 cm', 'edge' => 'runs-on'], [7559, 5197], [7087, 4724]];
    }

    public function test_the_lab_says_how_deep(): void
    {
        $file = self::plan('60 x 40 cm', [], [], ['canvas' => ['depth' => '4 cm', 'spare' => '1 cm']])->files[0];
        self::assertSame([(int) round((70 / 2.54) * 300), (int) round((50 / 2.54) * 300)], [$file->width, $file->height]);
        self::assertSame([7559, 5197], [($plain = self::plan('60 x 40 cm')->files[0])->width, $plain->height], '2 cm where nobody says');
    }

    /** The face is cut from the picture exactly as the same print would be, but where the picture itself runs on. */
    public function test_the_face_is_the_print_of_that_size(): void
    {
        $print =
            LineContexts::work(
                ['size' => '60 x 40 cm', 'carrier' => 'none', 'window' => ['x' => 0.4, 'y' => 0.5, 'tight' => 1.3]],
                LineContexts::picture(6000, 4000),
                ['minimumPpi' => 1],
            )->plan->files[0] ?? null;
        foreach (['mirrored', 'drawn-out', 'one-colour'] as $edge) {
            $canvas = self::plan('60 x 40 cm', ['edge' => $edge], ['window' => ['x' => 0.4, 'y' => 0.5, 'tight' => 1.3]])->files[0];
            self::assertEquals($print?->pictures()[0]->source, $canvas->pictures()[0]->source);
            self::assertSame(
                [$print?->width, $print?->height],
                [$canvas->pictures()[0]->target->width, $canvas->pictures()[0]->target->height],
            );
            self::assertEquals($canvas->surround()?->face, $canvas->pictures()[0]->target);
        }
    }

    public function test_running_on_takes_the_face_from_a_smaller_part(): void
    {
        [$mirrored, $runsOn] = [
            self::plan('60 x 40 cm', ['depth' => '2 cm']),
            self::plan('60 x 40 cm', ['depth' => '2 cm', 'edge' => 'runs-on']),
        ];
        self::assertSame(6000, $mirrored->parts[0]->window->width);
        $file = $runsOn->files[0];
        self::assertEquals(
            new PixelRect(0, 0, $file->width, $file->height),
            $file->pictures()[0]->target,
            'one picture goes all the way round',
        );
        $perPixel = $file->pictures()[0]->source->width / $file->width;
        $face = $file->surround()->face ?? self::fail('it has edges');
        self::assertEqualsWithDelta(64 / 60, $runsOn->parts[0]->window->width / ($face->width * $perPixel), 0.001);
        self::assertLessThan($mirrored->parts[0]->sharpness->ppi, $runsOn->parts[0]->sharpness->ppi, 'fewer pixels are left for the face');
        self::assertSame(
            'Mirror the edge instead',
            LineContexts::finding(
                LineContexts::work(
                    ['size' => '30 x 20 cm', 'make' => 'canvas', 'canvas' => ['depth' => '4 cm', 'edge' => 'runs-on']],
                    LineContexts::picture(6000, 4000),
                ),
                'face-loses-much',
            )?->remedy?->label,
        );
    }

    public function test_its_own_pixels_are_not_resampled(): void
    {
        $file = self::plan('36 x 24 in', ['depth' => '3 in'], ['output' => ['ppi' => 'own']])->files[0];
        self::assertSame([6000, 4000], [$file->pictures()[0]->target->width, $file->pictures()[0]->target->height]);
        self::assertSame([7000, 5000], [$file->width, $file->height]);
        $pixels = self::plan('36 x 24 in', ['depth' => '100 px'], ['output' => ['ppi' => 'own']])->files[0];
        self::assertSame([6200, 4200], [$pixels->width, $pixels->height], 'pixels are the file’s own');
    }

    public function test_face_and_edges_apart(): void
    {
        $together = self::plan('60 x 40 cm')->files[0];
        [$face, $edges] = self::plan('60 x 40 cm', ['edgesApart' => true])->files;
        self::assertSame([7087, 4724, 7559, 5197], [$face->width, $face->height, $edges->width, $edges->height]);
        self::assertStringEndsWith('_face.jpg', $face->name);
        self::assertStringEndsWith('_edges.jpg', $edges->name);
        self::assertNull($face->surround());
        self::assertEquals($together->surround(), $edges->surround());
        self::assertEquals(
            $edges->surround()?->face,
            $edges->strokes()[count($edges->strokes()) - 1]->where,
            'the face of the edges is empty',
        );

        $pages = self::plan('60 x 40 cm', [], ['output' => ['format' => 'tiff']], ['canvas' => ['edgesApart' => 'pages']])->files;
        self::assertCount(1, $pages);
        self::assertSame([$pages[0]->width, $pages[0]->height], [$pages[0]->nextPage?->width, $pages[0]->nextPage?->height]);
        self::assertSame(2 * 7559 * 5197 * 3, $pages[0]->unpackedBytes());
        self::assertCount(1, self::plan('60 x 40 cm', ['edgesApart' => false], [], ['canvas' => ['edgesApart' => 'files']])->files);
    }

    /** Property: ticks lie in the spare only, which goes behind the bar, and at each fold's end. */
    public function test_fold_ticks_lie_in_the_spare(): void
    {
        mt_srand(11);
        for ($i = 0; $i < 200; $i++) {
            $spare = mt_rand(2, 30);
            $file = self::plan(
                mt_rand(20, 90).' x '.mt_rand(20, 90).' cm',
                ['depth' => mt_rand(5, 40).' mm', 'spare' => "{$spare} mm"],
                ['output' => ['ppi' => mt_rand(72, 400)]],
            )->files[0];
            $face = $file->surround()->face ?? throw new \LogicException('no face');
            self::assertCount(16, $file->strokes(), 'a light and a dark one at both ends of four folds');
            $edge = $file->resolution->pixelAt($spare * 1_000_000) + 1;
            foreach ($file->strokes() as $tick) {
                $r = $tick->where;
                self::assertTrue($r->x >= 0 && $r->y >= 0 && $r->x + $r->width <= $file->width && $r->y + $r->height <= $file->height);
                $outside =
                    $r->y + $r->height <= $edge ||
                    $r->y >= $file->height - $edge ||
                    $r->x + $r->width <= $edge ||
                    $r->x >= $file->width - $edge;
                self::assertTrue($outside, json_encode($tick->toArray()) ?: '');
            }
            $tops = array_map(
                fn (StrokeLayer $tick): int => $tick->where->x + intdiv($tick->where->width, 2),
                array_values(
                    array_filter(
                        $file->strokes(),
                        fn (StrokeLayer $tick): bool => $tick->where->y === 0 && $tick->where->height > $tick->where->width,
                    ),
                ),
            );
            self::assertSame([$face->x, $face->x + $face->width], array_values(array_unique($tops)));
        }
        self::assertSame([], self::plan('60 x 40 cm', ['spare' => '1 mm'])->files[0]->strokes(), 'too narrow for a tick');
        self::assertSame([], self::plan('60 x 40 cm')->files[0]->strokes());
    }

    /**
     * Property: the file is face + 2 (depth + spare) to the nearest pixel, whatever the units, and opposite edges differ by
     * a pixel at most.
     */
    public function test_the_file_is_the_face_and_what_is_round_it(): void
    {
        mt_srand(12);
        for ($i = 0; $i < 400; $i++) {
            [$w, $h, $d, $s, $ppi] = [mt_rand(100, 1500), mt_rand(100, 1500), mt_rand(5, 49), mt_rand(0, 1), mt_rand(72, 360)];
            $plan = self::plan(
                "{$w} x {$h} mm",
                ['depth' => "{$d} mm", 'spare' => "{$s} mm", 'edge' => ['mirrored', 'drawn-out', 'runs-on', 'one-colour'][$i % 4]],
                ['turn' => $w > $h ? 'landscape' : 'portrait', 'output' => ['ppi' => $ppi]],
            );
            $file = $plan->files[0];
            self::assertEqualsWithDelta((($w + 2 * $d + 2 * $s) / 25.4) * $ppi, $file->width, 1.0);
            self::assertEqualsWithDelta((($h + 2 * $d + 2 * $s) / 25.4) * $ppi, $file->height, 1.0);
            $face = $file->surround()->face ?? throw new \LogicException('no face');
            self::assertLessThanOrEqual(1, abs($file->width - $face->width - 2 * $face->x));
            self::assertLessThanOrEqual(1, abs($file->height - $face->height - 2 * $face->y));
        }
    }
}
