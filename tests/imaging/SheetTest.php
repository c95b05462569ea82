<?php

declare(strict_types=1);

namespace Tests\imaging;

use PHPUnit\Framework\TestCase;
use Planisher\Finish\LineReader;
use Planisher\Imaging\PictureReader;
use Planisher\Imaging\Sources\Sources;
use Planisher\Naming\NameBook;
use Planisher\Order\WorkedLine;
use Planisher\OrderFile\JsonNode;
use Planisher\Picture\PictureFacts;
use Planisher\Plan\PlannedFile;
use Tests\core\LineContexts;

/** Prints on shared sheets: what is cut out of a sheet is the print itself. ImageMagick does the cutting. */
final class SheetTest extends TestCase
{
    use Pictures;

    private const OUTPUT = ['ppi' => 100, 'format' => 'tiff'];

    /**
     * @param  array<string, mixed>  $wanted
     * @param  array<string, mixed>  $lab
     */
    private function work(array $wanted, array $lab = []): WorkedLine
    {
        [$line, $card] = [
            LineReader::read(JsonNode::root($wanted + ['output' => self::OUTPUT])),
            LineContexts::lab($lab + ['minimumPpi' => 1, 'nameLength' => 60]),
        ];
        $pictures = array_map(
            fn (?string $name): PictureFacts => PictureReader::read("{$this->folder}/{$name}", (string) $name),
            $line->pictures(),
        );

        return WorkedLine::work($line, $pictures, $card, NameBook::names(LineContexts::head(), $card, [1 => $line])[1]);
    }

    /** @return list<string> paths of what was made and read back */
    private function made(WorkedLine $worked, string $folder): array
    {
        $plan = $worked->plan ?? self::fail('no plan');
        $paths = [];
        foreach ($worked->facts() as $picture) {
            $paths[$picture->sha256] = "{$this->folder}/{$picture->name}";
        }
        $sources = Sources::originals($paths, $plan->files);

        return array_map(fn (PlannedFile $file): string => self::make($file, $sources, "{$this->folder}/{$folder}")->path, $plan->files);
    }

    /**
     * @param  list<array<string, mixed>>  $cells
     * @param  array<string, mixed>  $sheet
     * @return array<string, mixed>
     */
    private static function sheet(array $cells, string $size, array $sheet = []): array
    {
        return ['make' => 'shared-sheet', 'size' => $size, 'sheet' => ['cells' => $cells] + $sheet];
    }

    public function test_two_edge_to_edge_are_the_two_prints_made_alone(): void
    {
        $this->picture('a.png', 600, 900);
        $this->picture('b.png', 900, 600);
        $cells = [['picture' => 'a.png', 'size' => '3 x 4 in'], ['picture' => 'b.png', 'size' => '3 x 4 in']];
        [$sheet] = $this->made($this->work(self::sheet($cells, '4 x 6 in')), 'sheet');
        [$left] = $this->made($this->work($cells[0] + ['carrier' => 'none']), 'left');
        [$right] = $this->made($this->work($cells[1] + ['carrier' => 'none']), 'right');
        self::tool('convert', $left, '(', $right, '-rotate', '90', ')', '+append', "{$this->folder}/together.tif");
        self::assertSamePixels(self::pixels("{$this->folder}/together.tif"), self::pixels($sheet));
    }

    /** Each with all that a print can have, some on their sides, over two sheets. */
    public function test_every_cell_is_the_print_made_alone(): void
    {
        $this->picture('a.jpg', 1200, 1800);
        $this->picture('b.png', 900, 600);
        $cells = [
            [
                'picture' => 'a.jpg',
                'size' => '3 x 4 in',
                'border' => '0.2 in',
                'paperColour' => '#204060',
                'keyline' => ['width' => '0.03 in'],
            ],
            ['picture' => 'b.png', 'size' => '2 x 3 in', 'fit' => 'whole', 'border' => '0.1 in', 'forPaper' => ['open' => 0.6]],
            ['picture' => 'a.jpg', 'size' => '3 x 2 in', 'window' => ['x' => 0.4, 'y' => 0.6, 'tight' => 1.7]],
            ['picture' => 'b.png', 'size' => '5 x 4 in', 'copies' => 2],
        ];
        $worked = $this->work(self::sheet($cells, '8 x 10 in', ['gutter' => '4 mm', 'margin' => '5 mm', 'cutMarks' => true]));
        $files = $this->made($worked, 'sheets');
        $layout = $worked->plan?->layout->own;
        self::assertInstanceOf(\Planisher\Finish\Sheet\SheetLayout::class, $layout);
        self::assertCount(5, $layout->cells);
        foreach ($layout->cells as $i => $cell) {
            [$alone] = $this->made($this->work($cells[$cell->cell] + ['carrier' => 'none']), "alone-{$i}");
            $at = $cell->spot->box->pixels($worked->plan->files[0]->resolution ?? self::fail('no plan'));
            $turn = $cell->isTurned() ? ['-rotate', '270'] : [];
            self::assertSamePixels(
                self::pixels($alone),
                self::pixels($files[$cell->spot->sheet], '-crop', "{$at->width}x{$at->height}+{$at->x}+{$at->y}", '+repage', ...$turn),
                "print {$i}",
            );
        }
    }

    public function test_between_the_cells_is_white_but_for_the_marks(): void
    {
        $this->picture('a.png', 600, 900);
        $sheet = fn (bool $marks): array => self::sheet([['picture' => 'a.png', 'size' => '2 x 3 in', 'copies' => 2]], '8 x 10 in', [
            'gutter' => '0.5 in',
            'margin' => '0.5 in',
            'cutMarks' => $marks,
        ]);
        $darkest = function (bool $marks) use ($sheet): string {
            $worked = $this->work($sheet($marks));
            [$file] = $this->made($worked, $marks ? 'marked' : 'plain');
            $cover = [];
            foreach ($worked->plan?->files[0]->pictures() ?? [] as $picture) {
                $at = $picture->target;
                $cover = [...$cover, '-draw', "rectangle {$at->x},{$at->y} ".($at->right() - 1).','.($at->bottom() - 1)];
            }

            return trim(
                self::tool('convert', $file, '-fill', 'white', ...$cover, ...['-colorspace', 'Gray', '-format', '%[fx:minima]', 'info:']),
            );
        };
        self::assertSame('1', $darkest(false));
        self::assertSame('0', $darkest(true));
    }

    public function test_an_empty_cell_stays_white(): void
    {
        $this->picture('a.png', 600, 900);
        $line = LineReader::read(
            JsonNode::root(self::sheet([['picture' => 'a.png', 'size' => '3 x 4 in'], ['size' => '3 x 4 in']], '4 x 6 in')),
        );
        $lab = LineContexts::lab(['minimumPpi' => 1]);
        $worked = WorkedLine::work(
            $line,
            [PictureReader::read("{$this->folder}/a.png", 'a.png'), \Planisher\Picture\PictureTrouble::none()],
            $lab,
            NameBook::names(LineContexts::head(), $lab, [1 => $line])[1],
        );
        self::assertTrue($worked->isStopped(), 'the line waits');
        self::assertCount(1, $worked->plan?->shown->pictures() ?? [], 'the other is drawn');
    }

    public function test_eight_small_prints_of_large_pictures(): void
    {
        foreach (range(0, 3) as $i) {
            $this->picture("p{$i}.jpg", 3000 + 4 * $i, 2000);
        }
        $cells = array_map(fn (int $i): array => ['picture' => 'p'.$i % 4 .'.jpg', 'size' => '2.5 x 3.5 in'], range(0, 7));
        [$file] = $this->made($this->work(self::sheet($cells, '8 x 10 in') + ['output' => ['ppi' => 300, 'format' => 'jpeg']]), 'wallet');
        self::assertSame('3000x2400', trim(self::tool('identify', '-format', '%wx%h', $file)));
    }
}
