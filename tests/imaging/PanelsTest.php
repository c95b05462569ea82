<?php

declare(strict_types=1);

namespace Tests\imaging;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\Imaging\Inspect\Hints;
use Planisher\Imaging\PictureReader;
use Planisher\Imaging\Sources\Sources;
use Planisher\Imaging\Vips\Image;
use Planisher\Imaging\Vips\Interpretation;
use Planisher\Picture\ContrastMap;
use Planisher\Plan\Plan;
use Planisher\Plan\PlannedFile;
use Tests\core\LineContexts;

/** Panels cut from one undivided print, joined again by ImageMagick. */
final class PanelsTest extends TestCase
{
    use Pictures;

    /** @param  array<string, mixed>  $line */
    private static function plan(string $picture, array $line): Plan
    {
        return LineContexts::work(
            ['make' => 'panels', 'picture' => basename($picture)] + $line,
            PictureReader::read($picture, basename($picture)),
            ['minimumPpi' => 1, 'nameLength' => 60, 'bits' => [8, 16]],
        )->plan ?? throw new \LogicException('no plan');
    }

    /** @return list<string> */
    private function made(string $picture, Plan $plan, string $folder): array
    {
        $source = Sources::originals($picture, $plan->files);

        return array_map(fn (PlannedFile $file): string => self::make($file, $source, "{$this->folder}/{$folder}")->path, $plan->files);
    }

    /**
     * @param  array<string, mixed>  $line
     * @param  array{int, int}  $grid
     */
    #[DataProvider('sets')]
    public function test_joined_again_they_are_the_undivided_print(array $line, array $grid, string $kind = 'a.png'): void
    {
        $picture = $this->picture($kind, 900, 600);
        $plan = self::plan($picture, $line);
        $panels = $this->made($picture, $plan, 'out');
        $undivided = self::make(self::planned($picture, array_diff_key($line, ['panels' => 1])), $picture, "{$this->folder}/whole")->path;
        [$columns, $rows] = $grid;
        self::tool('montage', ...[...$panels, '-tile', "{$columns}x{$rows}", '-geometry', '+0+0', "{$this->folder}/joined.tif"]);
        if (
            ($columns > 1 && $rows > 1) ||
            count(array_unique(array_map(fn (PlannedFile $f): string => "{$f->width}x{$f->height}", $plan->files))) > 1
        ) {
            // montage centres unequal tiles in equal cells; append doesn't
            $convert = is_executable('/usr/bin/convert') ? '/usr/bin/convert' : 'convert';
            $lines = array_map(fn (array $row): array => ['(', ...$row, '+append', ')'], array_chunk($panels, max(1, $columns)));
            self::tool($convert, ...[...array_merge(...$lines), '-append', "{$this->folder}/joined.tif"]);
        }
        self::assertSamePixels(self::pixels($undivided), self::pixels("{$this->folder}/joined.tif"));
    }

    /** @return iterable<string, list<mixed>> */
    public static function sets(): iterable
    {
        $out = fn (int $ppi, array $more = []): array => ['output' => ['ppi' => $ppi, 'format' => 'tiff'] + $more];
        yield 'reduced, equal thirds' => [['size' => '9 x 6 in', 'panels' => ['columns' => [1, 1, 1]]] + $out(50), [3, 1]];
        yield 'enlarged, wide middle' => [['size' => '9 x 6 in', 'panels' => ['columns' => [1, 2, 1]]] + $out(160), [3, 1]];
        yield 'enlarged by an odd factor, sevenths' => [
            ['size' => '100 x 70 cm', 'panels' => ['columns' => [1, 1, 1, 1, 1, 1, 1]]] + $out(37),
            [7, 1],
        ];
        yield 'stacked, typed heights' => [
            ['size' => '6 x 9 in', 'turn' => 'portrait', 'panels' => ['columns' => [1], 'rows' => ['2.5 in', '4 in', '2.5 in']]] +
            $out(130),
            [1, 3],
        ];
        yield 'a grid with its gaps kept' => [
            ['size' => '9 x 6 in', 'panels' => ['columns' => [2, 3], 'rows' => [1, 1], 'gap' => '1 in']] + $out(90),
            [2, 2],
        ];
        yield 'its own pixels' => [
            ['size' => '9 x 6 in', 'panels' => ['columns' => [1, 1, 1]], 'output' => ['ppi' => 'own', 'format' => 'tiff']],
            [3, 1],
        ];
        yield '16 bits' => [['size' => '9 x 6 in', 'panels' => ['columns' => [1, 1]]] + $out(120, ['bits' => 16]), [2, 1], 'a.tif'];
    }

    /** With overlap, each panel is that part of the undivided print; with a dropped gap, what lies behind it is in none. */
    public function test_overlaps_and_dropped_gaps_are_cut_where_they_lie(): void
    {
        $picture = $this->picture('a.png', 900, 600);
        $line = ['size' => '9 x 6 in', 'output' => ['ppi' => 100, 'format' => 'tiff']];
        $undivided = self::make(self::planned($picture, $line), $picture, "{$this->folder}/whole")->path;
        $betweenTried = [[['overlap' => '1 in'], [0, 400, 500, 400]], [['gap' => '1 in', 'behindGap' => 'drop'], [0, 400, 500, 400]]];
        foreach ($betweenTried as [$between, $expected]) {
            $plan = self::plan($picture, ['panels' => ['columns' => [1, 1]] + $between] + $line);
            $panels = $this->made($picture, $plan, key($between));
            $across = key($between) === 'overlap' ? [[0, 500], [400, 500]] : [[0, 400], [500, 400]];
            foreach ($across as $i => [$x, $width]) {
                self::assertSamePixels(
                    self::pixels($undivided, '-crop', "{$width}x600+{$x}+0", '+repage'),
                    self::pixels($panels[$i]),
                    key($between)." {$i}",
                );
            }
        }
    }

    /** After damage a single panel comes out with the same bytes, though it is made by itself. */
    public function test_a_single_panel_is_made_again_to_the_same_bytes(): void
    {
        $picture = $this->picture('a.jpg', 900, 600);
        foreach ([['ppi' => 50], ['ppi' => 150]] as $output) {
            // reduced, enlarged
            $plan = self::plan($picture, ['size' => '9 x 6 in', 'panels' => ['columns' => [1, 2, 1]], 'output' => $output]);
            $set = $this->made($picture, $plan, "set-{$output['ppi']}");
            foreach ($plan->files as $i => $file) {
                $alone = self::make($file, $picture, "{$this->folder}/alone-{$output['ppi']}")->path;
                self::assertSame(hash_file('sha256', $set[$i]), hash_file('sha256', $alone), $file->name);
            }
            unlink($set[1]);
            $again = $this->made($picture, $plan, "set-{$output['ppi']}");
            self::assertSame(
                hash_file('sha256', "{$this->folder}/alone-{$output['ppi']}/".basename($set[1])),
                hash_file('sha256', $again[1]),
            );
        }
    }

    /** The picture is decoded once for a set: with the original gone after the first panel, the others are made all the same. */
    public function test_the_picture_is_decoded_once_for_a_set(): void
    {
        $picture = $this->picture('a.jpg', 900, 600);
        foreach ([50, 150] as $ppi) {
            copy($picture, "{$this->folder}/once.jpg");
            $plan = self::plan("{$this->folder}/once.jpg", [
                'size' => '9 x 6 in',
                'panels' => ['columns' => [1, 1, 1]],
                'output' => ['ppi' => $ppi],
            ]);
            $source = Sources::originals("{$this->folder}/once.jpg", $plan->files);
            foreach ($plan->files as $file) {
                self::assertTrue(self::make($file, $source, "{$this->folder}/once-{$ppi}")->readBack->agrees());
                @unlink("{$this->folder}/once.jpg");
            }
        }
    }

    /** Where there is most to see is where ImageMagick's own edge detection finds most. */
    public function test_the_contrast_map_follows_what_is_to_be_seen(): void
    {
        $rows = '';
        for ($y = 0; $y < 400; $y++) {
            for ($x = 0; $x < 600; $x++) {
                $code = $x > 400 && $x < 500 && $y > 100 && $y < 200 && (intdiv($x, 7) + intdiv($y, 7)) % 2 === 0 ? 230 : 90;
                $rows .= chr($code).chr($code).chr($code);
            }
        }
        $path = "{$this->folder}/chequer.png";
        Image::fromPixels($rows, 600, 400, 3)->as(Interpretation::Srgb)->save('pngsave', $path, []);
        $map = Hints::contrast($path);
        self::assertSame(2 * ContrastMap::COLUMNS * ContrastMap::ROWS, strlen($map));
        $plan = self::plan($path, ['size' => '9 x 6 in', 'panels' => ['columns' => [1, 1]]]);
        [$x, $y] = ContrastMap::offMiddle($map, $plan->parts[0]->window, LineContexts::picture(600, 400));
        $edges = array_column(array_chunk(self::pixels($path, '-edge', '1'), 3), 0);
        [$mass, $mx, $my] = [0, 0, 0];
        foreach ($edges as $i => $edge) {
            $mass += $edge;
            $mx += $edge * ($i % 600);
            $my += $edge * intdiv($i, 600);
        }
        self::assertEqualsWithDelta((2 * $mx) / $mass / 600 - 1, $x, 0.03);
        self::assertEqualsWithDelta((2 * $my) / $mass / 400 - 1, $y, 0.03);
    }
}
