<?php

declare(strict_types=1);

namespace Tests\core\Finish\Sheet;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\Description\FactStrip;
use Planisher\Description\LineSentence;
use Planisher\Finding\Severity;
use Planisher\Finish\Finishes;
use Planisher\Finish\LineReader;
use Planisher\Finish\TypedFigure;
use Planisher\House\Choices;
use Planisher\House\HouseFinishSpec;
use Planisher\Line\LineChange;
use Planisher\Measure\PixelRect;
use Planisher\Measure\Size;
use Planisher\Naming\NameBook;
use Planisher\Order\WorkedLine;
use Planisher\OrderFile\JsonNode;
use Planisher\OrderFile\OrderFileError;
use Planisher\Picture\MustStayIn;
use Planisher\Picture\PictureFacts;
use Planisher\Picture\PictureTrouble;
use Planisher\Plan\Layer\PictureLayer;
use Planisher\Plan\Layer\StrokeLayer;
use Tests\core\LineContexts;

final class SheetTest extends TestCase
{
    private const TWO = [['picture' => 'a.jpg', 'size' => '3 x 4 in'], ['picture' => 'b.jpg', 'size' => '3 x 4 in']];

    private const BOAT = ['label' => 'boat', 'x' => 0.1, 'y' => 0, 'width' => 0.2, 'height' => 0.5];

    /**
     * @param  list<array<string, mixed>>  $cells
     * @param  array<string, mixed>  $sheet
     * @param  array<string, mixed>  $line
     * @param  array<string, mixed>  $lab
     */
    private static function work(array $cells = self::TWO, array $sheet = [], array $line = [], array $lab = []): WorkedLine
    {
        return self::worked(['make' => 'shared-sheet', 'sheet' => ['cells' => $cells] + $sheet] + $line + ['size' => '4 x 6 in'], $lab);
    }

    /**
     * @param  array<string, mixed>  $wanted
     * @param  array<string, mixed>  $lab
     */
    private static function worked(array $wanted, array $lab = []): WorkedLine
    {
        [$line, $card] = [LineReader::read(JsonNode::root($wanted)), LineContexts::lab($lab)];
        $pictures = array_map(self::picture(...), $line->pictures());

        return WorkedLine::work($line, $pictures, $card, NameBook::names(LineContexts::head(), $card, [1 => $line])[1]);
    }

    /** “a” stands upright, all others lie; each is its own picture. */
    private static function picture(?string $name): PictureFacts|PictureTrouble
    {
        [$width, $height] = $name === 'a.jpg' ? [2000, 3000] : [3000, 2000];
        $marked = $name === 'marked.jpg' ? MustStayIn::listFromNode(JsonNode::root([self::BOAT])) : [];

        return $name === null
            ? PictureTrouble::none()
            : LineContexts::picture($width, $height, name: $name, sha256: hash('sha256', $name), mustStayIn: $marked);
    }

    private static function said(WorkedLine $worked): string
    {
        return str_replace("\u{2009}", ' ', implode('', array_column(LineSentence::segments($worked->at), 'text')));
    }

    /** @return list<array{x: int, y: int, width: int, height: int}> */
    private static function targets(WorkedLine $worked): array
    {
        $file = $worked->plan->files[0] ?? self::fail('no plan');

        return array_map(fn (PictureLayer $picture): array => $picture->target->toArray(), $file->pictures());
    }

    /** 4 × 6 at 300 ppi is 1800 × 1200 px (common practice, no source). */
    public function test_two_share_a_sheet_edge_to_edge(): void
    {
        $worked = self::work();
        $file = $worked->plan->files[0] ?? self::fail('no plan');
        self::assertSame([1800, 1200], [$file->width, $file->height]);
        self::assertSame(
            [['x' => 0, 'y' => 0, 'width' => 900, 'height' => 1200], ['x' => 900, 'y' => 0, 'width' => 900, 'height' => 1200]],
            self::targets($worked),
            'not a pixel between',
        );
        self::assertSame([false, true], array_map(fn (PictureLayer $picture): bool => $picture->isTurned, $file->pictures()));
        self::assertFalse($worked->isStopped());
        self::assertStringContainsString(
            'Make 1 shared sheet of two 3 × 4 in on 4 × 6 in, landscape, edge to edge, no cut marks, cut once',
            self::said($worked),
        );
        self::assertSame('Two 3 × 4 in on 4 × 6 in', str_replace("\u{2009}", ' ', LineSentence::short($worked->at)));
        self::assertContains('No paper wasted', array_column(FactStrip::of($worked->at), 'figure'));
    }

    /** Of 7 × 5 cm cells on 21 × 15 cm at 300 ppi no side is a whole number of pixels: the edges are rounded, once. */
    public function test_edges_are_rounded_in_the_sheets_own_pixels(): void
    {
        $worked = self::work([['picture' => 'b.jpg', 'size' => '7 x 5 cm', 'copies' => 9]], line: ['size' => '21 x 15 cm']);
        $file = $worked->plan->files[0] ?? self::fail('no plan');
        $covered = array_sum(array_map(fn (PictureLayer $picture): int => $picture->target->area(), $file->pictures()));
        self::assertSame($file->width * $file->height, $covered);
        foreach ($file->pictures() as $i => $one) {
            foreach (array_slice($file->pictures(), $i + 1) as $other) {
                self::assertFalse($one->target->meets($other->target));
            }
        }
    }

    public function test_a_cell_is_the_print_made_alone(): void
    {
        $cell = ['picture' => 'a.jpg', 'size' => '3 x 4 in', 'border' => '0.2 in', 'paperColour' => '#203040', 'keyline' => []];
        $sheet = self::work([$cell])->plan->files[0] ?? self::fail('no plan');
        $alone = self::worked($cell + ['carrier' => 'none'])->plan->files[0] ?? self::fail('no plan');
        self::assertEquals($alone->layers, array_slice($sheet->layers, 1), 'on the sheet’s own white');
    }

    public function test_several_sheets_are_several_files_told_apart(): void
    {
        $worked = self::work([['picture' => 'a.jpg', 'size' => '3 x 4 in', 'copies' => 5]]);
        self::assertSame(
            [
                'isholm-rowing_4x6_a-5-of-3x4_1_1of3.jpg',
                'isholm-rowing_4x6_a-5-of-3x4_1_2of3.jpg',
                'isholm-rowing_4x6_a-5-of-3x4_1_3of3.jpg',
            ],
            $worked->name->files(),
        );
        self::assertCount(3, $worked->plan->files ?? []);
        self::assertStringContainsString('on three sheets of 4 × 6 in', self::said($worked));
        $shown = $worked->plan->shown ?? self::fail('no plan');
        self::assertCount(5, $shown->pictures(), 'all are shown beside each other');
    }

    public function test_the_cheapest_sheet_is_taken(): void
    {
        $cells = [['picture' => 'a.jpg', 'size' => '3 x 4 in', 'copies' => 4]];
        $prices = fn (float $small, float $large): array => [
            'prices' => [['size' => '6 x 4 in', 'price' => $small], ['size' => '8 x 10 in', 'price' => $large]],
        ];
        self::assertSame('4 × 6 in', self::sheet($cells, $prices(0.4, 1.2)));
        self::assertSame('8 × 10 in', self::sheet($cells, $prices(0.7, 1.2)), 'two small ones cost 1.40');
        self::assertSame('4 × 6 in', self::sheet($cells, []), 'without prices by paper: 48 square inches instead of 80');
        self::assertSame('8 × 10 in', self::sheet([['picture' => 'a.jpg', 'size' => '5 x 7 in']], []));
        self::assertContains(
            '0.80 €',
            array_map(
                fn (string $figure): string => str_replace("\u{2009}", ' ', $figure),
                array_column(FactStrip::of(self::work($cells, line: ['size' => 'cheapest'], lab: $prices(0.4, 1.2))->at), 'figure'),
            ),
        );
    }

    /**
     * @param  list<array<string, mixed>>  $cells
     * @param  array<string, mixed>  $lab
     */
    private static function sheet(array $cells, array $lab): string
    {
        return str_replace(
            "\u{2009}",
            ' ',
            self::work($cells, line: ['size' => 'cheapest'], lab: $lab)->plan?->size()->portrait()->label() ?? '',
        );
    }

    public function test_gutter_margin_and_marks_keep_clear_of_the_cells(): void
    {
        $worked = self::work(
            [['picture' => 'a.jpg', 'size' => '2.5 x 3.5 in', 'copies' => 8]],
            ['gutter' => '3 mm', 'margin' => '4 mm', 'cutMarks' => true],
            ['size' => '12 x 18 in'],
        );
        $file = $worked->plan->files[0] ?? self::fail('no plan');
        $cells = array_map(fn (PictureLayer $picture): PixelRect => $picture->target, $file->pictures());
        $marks = array_map(fn (StrokeLayer $stroke): PixelRect => $stroke->where, $file->strokes());
        self::assertGreaterThanOrEqual(8, count($marks));
        [$gutter, $margin] = [35, 47]; // 3 and 4 mm at 300 ppi are 35.4 and 47.2 px
        foreach ($cells as $i => $cell) {
            self::assertTrue($cell->liesIn($file->whole()->grown(-$margin)));
            foreach (array_slice($cells, $i + 1) as $other) {
                self::assertFalse($cell->grown($gutter)->meets($other));
            }
            foreach ($marks as $mark) {
                self::assertFalse($cell->meets($mark), 'never in a picture');
            }
        }
        self::assertSame(Severity::Fine, LineContexts::finding($worked, 'marks-drawn')?->level);
    }

    /**
     * @param  list<array<string, mixed>>  $cells
     * @param  array<string, mixed>  $sheet
     * @param  array<string, mixed>  $line
     */
    #[DataProvider('odd')]
    public function test_what_is_odd_is_told(
        string $code,
        Severity $level,
        string $words,
        array $cells,
        array $sheet = [],
        array $line = [],
    ): void {
        $worked = self::work($cells, $sheet, $line);
        $found = LineContexts::finding($worked, $code) ?? self::fail("no {$code}");
        self::assertSame($level, $found->level);
        self::assertMatchesRegularExpression("~{$words}~u", str_replace("\u{2009}", ' ', "{$found->title}: {$found->text}"));
    }

    /** @return iterable<string, list<mixed>> code, level, words, cells, sheet and line */
    public static function odd(): iterable
    {
        $a = fn (string $size, mixed ...$more): array => ['picture' => 'a.jpg', 'size' => $size, ...$more];
        $at = fn (string $x, string $y): array => ['at' => ['x' => $x, 'y' => $y]];
        yield 'too large' => [
            'cell-too-large',
            Severity::Error,
            'Cell 2 .*5 × 7 in doesn’t fit 4 × 6 in: it is 1 in too',
            [$a('3 x 4 in'), $a('5 x 7 in')],
        ];
        yield 'in a margin' => [
            'cell-too-large',
            Severity::Error,
            'within a margin of 0.25 in: it is 0.5 in too',
            [$a('4 x 6 in')],
            ['margin' => '0.25 in'],
        ];
        yield 'wide gutter' => ['nothing-shared', Severity::Warning, 'two prints take as many sheets', self::TWO, ['gutter' => '2 in']];
        yield 'no copies' => ['cell-no-copies', Severity::Error, 'Cell 2: no copies', [$a('3 x 4 in'), $a('3 x 4 in', copies: 0)]];
        yield 'no picture' => [
            'no-picture',
            Severity::Error,
            'Cells 2 and 3: no picture',
            [$a('3 x 4 in'), ['size' => '3 x 2 in'], ['size' => '3 x 2 in']],
        ];
        yield 'cut alike' => [
            'cut-much',
            Severity::Warning,
            'Cells 1 and 3: [\d.]+ to [\d.]+\s%? of the picture is cut',
            [$a('2 x 2 in'), $a('3 x 2 in'), $a('2.4 x 2 in')],
            [],
            ['size' => '8 x 10 in'],
        ];
        yield 'not listed' => ['sheet-not-listed', Severity::Warning, '5 × 6 in isn’t on', self::TWO, [], ['size' => '5 x 6 in']];
        yield 'overlap' => [
            'cells-overlap',
            Severity::Error,
            'Cells 1 and 2 overlap: By 1 in across and 3 in down',
            [$a('3 x 4 in', ...$at('0 in', '0 in')), $a('2 x 3 in', ...$at('2 in', '0.5 in'))],
        ];
        yield 'off the sheet' => [
            'cell-off-sheet',
            Severity::Error,
            'Cell 2 .*0.5 in of it lies beyond the edge on the right',
            [$a('2 x 2 in', ...$at('0 in', '0 in')), $a('2 x 2 in', ...$at('2.5 in', '3 in'))],
        ];
        yield 'no room for marks' => ['marks-no-room', Severity::Warning, 'margin and gutter only', self::TWO, ['cutMarks' => true]];
        yield 'own pixels' => ['sheet-one-resolution', Severity::Warning, 'made at 300 ppi', self::TWO, [], ['output' => ['ppi' => 'own']]];
        yield 'near a cut' => [
            'must-stay-in-near-cut',
            Severity::Warning,
            'Cell 1: what must stay in lies at a cut',
            [['picture' => 'marked.jpg', 'size' => '3 x 2 in', 'window' => ['x' => 0.5, 'y' => 0.5, 'tight' => 1]]],
        ];
        yield 'cut' => [
            'must-stay-in-cut',
            Severity::Error,
            'Cell 2: “boat” is cut',
            [$a('3 x 4 in'), ['picture' => 'marked.jpg', 'size' => '2 x 2 in', 'window' => ['x' => 1, 'y' => 0.5, 'tight' => 1]]],
        ];
        $windmill = [
            $a('2 x 1 in', ...$at('0 in', '0 in')),
            $a('1 x 2 in', ...$at('2 in', '0 in')),
            $a('2 x 1 in', ...$at('1 in', '2 in')),
            $a('1 x 2 in', ...$at('0 in', '1 in')),
        ];
        yield 'not straight' => ['cuts-not-straight', Severity::Warning, 'Cells 1, 2, 3 and 4 can’t be cut apart straight', $windmill];
    }

    public function test_remedies_are_one_press(): void
    {
        foreach (self::odd() as $name => $odd) {
            [$code, , , $cells] = $odd;
            $wanted = ['make' => 'shared-sheet', 'sheet' => ['cells' => $cells] + ($odd[4] ?? [])] +
                ($odd[5] ?? []) + ['size' => '4 x 6 in'];
            $remedy = LineContexts::finding(self::worked($wanted), $code)?->remedy;
            if (in_array($name, ['no picture', 'near a cut'], true)) {
                self::assertNull($remedy, "{$name} has no way out that is one press");

                continue;
            }
            self::assertNotNull($remedy, $name);
            self::assertNull(LineContexts::finding(self::worked($remedy->change->onto($wanted)), $code), $name);
        }
    }

    public function test_a_cell_that_was_put_somewhere_lies_there(): void
    {
        $worked = self::work([['at' => ['sheet' => 2, 'x' => '0.5 in', 'y' => '1 in', 'turned' => true]] + self::TWO[0], self::TWO[1]]);
        self::assertCount(2, $worked->plan->files ?? [], 'no sheet is empty, and the loose one comes on a sheet after it');
        $first = $worked->plan->files[0] ?? self::fail('no plan');
        self::assertSame(['x' => 150, 'y' => 300, 'width' => 1200, 'height' => 900], $first->pictures()[0]->target->toArray());
        self::assertTrue($first->pictures()[0]->isTurned);
        $this->expectException(OrderFileError::class);
        self::work([['at' => ['x' => '0 in'], 'copies' => 2] + self::TWO[0]]);
    }

    public function test_cells_are_moved_turned_swapped_and_arranged_again(): void
    {
        $wanted = [
            'make' => 'shared-sheet',
            'size' => '4 x 6 in',
            'sheet' => ['cells' => [['copies' => 2] + self::TWO[0], ['picture' => 'b.jpg', 'size' => '2 x 2 in']]],
        ];
        $type = function (string $name, string $typed) use (&$wanted): array {
            $worked = self::worked($wanted, ['sizes' => ['4 x 6 in', '8 x 10 in']]);
            $wanted = TypedFigure::change($worked->line, $worked->plan?->layout, $name, $typed)->onto($wanted);

            return LineReader::read(JsonNode::root($wanted))->toArray()['sheet']['cells'];
        };
        $cells = $type('print-2-at', '0.25 in, 1 in');
        self::assertCount(3, $cells, 'copies become cells of their own');
        self::assertSame(['sheet' => 1, 'x' => '0.25 in', 'y' => '1 in', 'turned' => false], $cells[1]['at']);
        self::assertSame('landscape', $wanted['turn'] ?? null, 'the sheet stays as it lay');
        self::assertTrue($type('print-2-turned', '')[1]['at']['turned']);
        self::assertSame('5 mm', $type('print-3-left', '5 mm')[2]['at']['x']);
        self::assertSame('2.5 x 2 in', $type('print-3-width', '2.5')[2]['size']);
        $cells = $type('print-1-swapped', '3');
        self::assertSame(['b.jpg', 'a.jpg', 'a.jpg'], array_column($cells, 'picture'));
        self::assertSame([null, null, null], array_map(fn (array $cell): ?array => $cell['at'] ?? null, $type('arranged', '')));
    }

    public function test_a_change_of_one_cell_keeps_the_others(): void
    {
        $worked = self::work();
        $cells = Finishes::cells($worked->at) ?? self::fail('it has cells');
        $change = LineChange::of(['border' => '0.25 in', 'keyline' => ['width' => '1 mm']]);
        $line = LineReader::changed($worked->line, $cells->change(1, $change));
        self::assertSame(['a.jpg', 'b.jpg'], $line->pictures());
        self::assertSame('0.25 in', $line->toArray()['sheet']['cells'][1]['border']);
        self::assertEquals(self::TWO[0] + ['copies' => 1], $line->toArray()['sheet']['cells'][0]);
        $moved = $cells->change(0, LineChange::of(['window' => ['x' => 0.4, 'y' => 0.5, 'tight' => 2]]))->toArray();
        self::assertArrayHasKey('window', $moved['sheet']['cells'][0]);
        $without = $cells->change(0, LineChange::without('picture'))->toArray();
        self::assertNull($without['sheet']['cells'][0]['picture'], 'taken away, not left as it is');
        $this->expectException(OrderFileError::class);
        $cells->change(7, LineChange::of([]));
    }

    public function test_lines_are_gathered_and_taken_apart_as_they_were(): void
    {
        $lines = array_map(fn (array $wanted): array => LineReader::read(JsonNode::root($wanted))->toArray(), [
            ['picture' => 'a.jpg', 'size' => '3 x 4 in', 'copies' => 2, 'border' => '0.1 in', 'forPaper' => ['open' => 0.5]],
            ['picture' => 'b.jpg', 'size' => '3 x 2 in', 'window' => ['x' => 0.3, 'y' => 0.5, 'tight' => 1.5]],
        ]);
        $read = array_map(fn (array $line) => LineReader::read(JsonNode::root($line)), $lines);
        $gathering = Finishes::gathering();
        $sheet = LineReader::read(JsonNode::root($gathering->gathered($read, '8 x 10 in')));
        self::assertSame(['a.jpg', 'b.jpg'], $sheet->pictures());
        $apart = array_map(fn (array $line): array => LineReader::read(JsonNode::root($line))->toArray(), $gathering->apart($sheet));
        self::assertEquals($lines, $apart);
        $offers = $gathering->tried($read, LineContexts::lab());
        self::assertSame(
            ['4 × 6 in', '8 × 10 in', '12 × 18 in'],
            array_map(fn (array $offer): string => str_replace("\u{2009}", ' ', $offer['label']), $offers),
        );
        self::assertSame([2, 1, 1], array_column($offers, 'sheets'));
        self::assertEqualsWithDelta(1 - 30 / 48, $offers[0]['waste'], 1e-9);
        self::assertFalse($gathering->takes(LineReader::read(JsonNode::root(['size' => '8 x 10 in', 'make' => 'canvas']))));
    }

    public function test_ready_ways_come_from_arithmetic(): void
    {
        $labels = fn (string $size): array => array_map(
            fn (array $way): string => str_replace("\u{2009}", ' ', $way['label']),
            Finishes::gathering()->ready(Size::parse($size)),
        );
        $ways = $labels('4 x 6 in');
        foreach (['two 3 × 4 in', 'four 2 × 3 in', 'one 3 × 4 in and two 2 × 3 in', 'two 2 × 6 in'] as $way) {
            self::assertContains($way, $ways);
        }
        self::assertContains('two 148.5 × 210 mm', $labels('A4'), 'A5, ISO 216');
    }

    public function test_a_house_finish_keeps_the_cells_without_their_pictures(): void
    {
        $worked = self::work(
            [['border' => '0.25 in', 'window' => ['x' => 0.1, 'y' => 0.5, 'tight' => 2]] + self::TWO[0], self::TWO[1]],
            ['gutter' => '3 mm'],
        );
        $kept = HouseFinishSpec::from($worked->line, [Choices::named('make') ?? self::fail('no choice')]);
        $cells = $kept->toArray()['wanted']['sheet']['cells'];
        self::assertSame(
            [['size', 'border'], ['size']],
            array_map(fn (array $cell): array => array_values(array_diff(array_keys($cell), ['copies'])), $cells),
        );
        self::assertStringContainsString('two 3 × 4', str_replace("\u{2009}", ' ', $kept->words()['make']));
        self::assertSame('3 mm', $kept->give(LineContexts::lab(), 'print')[0]->toArray()['sheet']['gutter']);
    }

    public function test_its_own_resolution_means_nothing_for_a_sheet(): void
    {
        self::assertSame(
            [1800, 1200],
            [
                self::work(line: ['output' => ['ppi' => 'own']])->plan?->files[0]->width,
                self::work(line: ['output' => ['ppi' => 'own']])->plan?->files[0]->height,
            ],
        );
    }

    public function test_what_the_lab_trims_is_white(): void
    {
        $worked = self::work(lab: ['bleed' => '3 mm']);
        $file = $worked->plan->files[0] ?? self::fail('no plan');
        self::assertSame([1800 + 70, 1200 + 70], [$file->width, $file->height], '3 mm are 35 px');
        self::assertSame(['x' => 35, 'y' => 35], array_intersect_key($file->pictures()[0]->target->toArray(), ['x' => 1, 'y' => 1]));
        self::assertSame(Severity::Warning, LineContexts::finding($worked, 'cell-at-trim')?->level);
    }
}
